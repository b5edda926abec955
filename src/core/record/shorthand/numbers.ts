/** `17-24,3`, or none. */
export function readNumbers(text: string): number[] | undefined {
  if (/^none$/i.test(text)) return [];
  const list: number[] = [];
  for (const part of text.split(',')) {
    const run = /^(\d+)(?:[-–](\d+))?$/.exec(part.trim());
    if (!run) return undefined;
    const [from, to] = [Number(run[1]), Number(run[2] ?? run[1])];
    if (to < from || to - from > 83) return undefined;
    for (let at = from; at <= to; at += 1) list.push(at);
  }
  return list;
}
