/** How much of a value is read at all. */
export interface Bounds {
  /** Lists and objects inside one another. */
  depth: number;
  /** Values in all. */
  nodes: number;
  /** Characters of one text. */
  text: number;
}

/**
 * What keeps a value from being read or stored: too deep, too much, a text that is too long or no store
 * holds. Undefined where nothing does. Looks at it without calling itself, so that depth costs nothing.
 */
export function troubleIn(value: unknown, bounds: Bounds): string | undefined {
  const waiting: [value: unknown, depth: number][] = [[value, 0]];
  for (let nodes = 0; waiting.length > 0; nodes += 1) {
    const [one, depth] = waiting.pop()!;
    if (nodes > bounds.nodes) return `expected at most ${bounds.nodes} values`;
    if (typeof one === 'string') {
      const trouble = troubleInText(one, bounds.text);
      if (trouble) return trouble;
    }
    if (typeof one !== 'object' || one === null) continue;
    if (depth >= bounds.depth) return `expected at most ${bounds.depth} levels, got deeper ones`;
    if (Array.isArray(one)) for (const inner of one as unknown[]) waiting.push([inner, depth + 1]);
    else
      for (const [key, inner] of Object.entries(one)) {
        const trouble = troubleInText(key, bounds.text);
        if (trouble) return trouble;
        waiting.push([inner, depth + 1]);
      }
  }
  return undefined;
}

/** Why a text cannot be stored. */
export function troubleInText(text: string, most: number): string | undefined {
  if (text.length > most) return `expected at most ${most} characters, got ${text.length}`;
  return text.isWellFormed() && !text.includes('\0')
    ? undefined
    : 'expected text without NUL or broken characters';
}
