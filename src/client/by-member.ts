/** Values of one kind this browser keeps beyond a page, one for each member who uses it. */
export interface ByMember<Value> {
  /** Undefined: none is kept, or it cannot be read any more. */
  of(member: string): Value | undefined;
  /**
   * Keeps a value; undefined: takes it away.
   * @throws where this browser keeps nothing beyond a page, or has no room
   */
  set(member: string, value: Value | undefined): void;
}

export function byMember<Value>(key: string): ByMember<Value> {
  const all = (): Record<string, Value> => {
    try {
      return JSON.parse(window.localStorage.getItem(key) ?? '{}') as Record<string, Value>;
    } catch {
      return {};
    }
  };
  return {
    of: (member) => {
      const here = all();
      return Object.hasOwn(here, member) ? here[member] : undefined;
    },
    set: (member, value) => {
      const { [member]: _, ...others } = all();
      const next = value === undefined ? others : { ...others, [member]: value };
      window.localStorage.setItem(key, JSON.stringify(next));
    },
  };
}
