/** Posts JSON; gives what came back, or why not, in words. */
export async function postJson<T>(
  path: string,
  body: unknown,
): Promise<{ ok: true; value: T } | { ok: false; faults: string[] }> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const said = (await response.json()) as T & { faults?: string[]; fault?: string };
    if (response.ok) return { ok: true, value: said };
    return { ok: false, faults: said.faults ?? [said.fault ?? `status ${response.status}`] };
  } catch {
    return { ok: false, faults: ['The server was not reached.'] };
  }
}
