import ky from 'ky';
import type { Options } from 'ky';

/** What the server answered, or why there is nothing, in words. Status 0: it was not reached. */
export type Answer<T> =
  | { ok: true; value: T }
  /** `said`: the JSON of a refusal, whatever is in it. */
  | { ok: false; status: number; faults: string[]; said?: unknown };

const http = ky.create({ retry: 0, throwHttpErrors: false, timeout: 20_000 });

/** Asks for JSON. Nothing is thrown: what fails is told. */
export const askJson = <T>(path: string, options: Options = {}): Promise<Answer<T>> =>
  ask<T>(path, options, async (response) => (await response.json()) as T);

/** Asks for text, such as a table. */
export const askText = (path: string, options: Options = {}): Promise<Answer<string>> =>
  ask(path, options, (response) => response.text());

/** Sends JSON, and gives what came back. */
export const postJson = <T>(path: string, body: unknown, options: Options = {}) =>
  askJson<T>(path, { method: 'post', json: body, ...options });

async function ask<T>(
  path: string,
  options: Options,
  read: (response: Response) => Promise<T>,
): Promise<Answer<T>> {
  try {
    const response = await http(path, options);
    if (response.ok) return { ok: true, value: await read(response) };
    const said: unknown = await response.json().catch(() => ({}));
    return { ok: false, status: response.status, faults: faultsIn(response, said), said };
  } catch {
    return { ok: false, status: 0, faults: ['The server was not reached.'] };
  }
}

/** Our own faults are JSON; what stands between may answer anything. */
function faultsIn({ status }: Response, said: unknown): string[] {
  const { faults, fault } = (said ?? {}) as { faults?: string[]; fault?: string };
  return faults ?? [fault ?? `The server answered ${status}.`];
}
