import type { Place } from './place';
import type { Scene } from './rule';

/** Recorded pipes of these kinds; where none was recorded, the building, so that piping is asked for. */
export function pipePlaces(
  { around, site: { reader } }: Scene,
  kinds: readonly string[],
  words: string,
): (Place & { pipe?: true })[] {
  const pipes = around.pipes.filter((place) =>
    kinds.includes(reader.value(place.ref, 'pipeKind') ?? kinds[0]!),
  );
  return pipes.length > 0
    ? pipes.map((place) => ({ ...place, pipe: true as const }))
    : around.buildings.map((place) => ({ ...place, label: words }));
}
