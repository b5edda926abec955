import type { Held, HeldDatabase } from '@/client/outbox/held';

/** What a device holds, in memory: a write is there once its transaction is done, and stays through a restart. */
export function memoryDisk(): HeldDatabase & { all(): Held[] } {
  const entries = new Map<string, Held>();
  const keyOf = ({ member, id }: Held) => `${member}|${id}`;
  const disk = {
    all: () => [...entries.values()],
    transaction: () => {
      const written: Held[] = [];
      return {
        store: {
          put: async (held: Held) => void written.push(held),
          get: async ([member, id]: [string, string]) => entries.get(`${member}|${id}`),
        },
        get done() {
          return Promise.resolve().then(() => {
            for (const held of written) entries.set(keyOf(held), held);
          });
        },
      };
    },
    getAll: async () => disk.all(),
    getAllFromIndex: async (store: string, index: string, [member, of]: [string, string]) =>
      store === 'pictures'
        ? []
        : disk
            .all()
            .filter(
              (held) =>
                held.member === member &&
                (index === 'by-state' ? held.state : held.inspection) === of,
            ),
    put: async (_: string, held: Held) => void entries.set(keyOf(held), held),
  };
  return disk as unknown as HeldDatabase & { all(): Held[] };
}
