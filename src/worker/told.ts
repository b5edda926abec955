import { themes } from '@/core/vocabulary/themes';

/** What a page says to the program that answers it. */
export type Told = { kind: 'take-over' } | { kind: 'theme'; theme: string };

/** Undefined: no word of ours. */
export function toldOf(data: unknown): Told | undefined {
  const { kind, theme } = (typeof data === 'object' && data !== null ? data : {}) as Partial<
    Record<'kind' | 'theme', unknown>
  >;
  if (kind === 'take-over') return { kind };
  return kind === 'theme' && typeof theme === 'string' && Object.hasOwn(themes, theme)
    ? { kind, theme }
    : undefined;
}
