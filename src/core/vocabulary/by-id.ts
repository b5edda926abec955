/** Things by their ids, and nothing else under any name: what is asked for may come from outside. */
export const byId = <T extends { id: string }>(all: readonly T[]): Readonly<Record<string, T>> =>
  all.reduce<Record<string, T>>(
    (known, one) => {
      known[one.id] = one;
      return known;
    },
    Object.create(null) as Record<string, T>,
  );
