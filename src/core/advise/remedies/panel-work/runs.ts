import { largestDeviceA } from '../../../codes/yardstick/conductor-limit';
import type { Yardstick } from '../../../codes/yardstick/yardstick';
import { add } from '../../../fieldwork/recording/draft';
import type { Facts } from '../../../record/entries/properties';
import type { Metal, Size } from '../../../vocabulary/size';
import { sizes } from '../../../vocabulary/size';
import type { Work } from '../work';

/** The least size a device of a rating may protect, in the coolest column. */
export const sizeFor = (yardstick: Yardstick, ratingA: number, metal: Metal): Size =>
  sizes.find((size) => (largestDeviceA(yardstick, metal, size, 60, true) ?? 0) >= ratingA) ??
  sizes.at(-1)!;

/**
 * A run renewed as a cable: the old cable and its wires were taken out, new ones lie on the same
 * screws. A size not given stays, 14 at least.
 */
export function renewRun(
  work: Work,
  conductor: string,
  { size, metal }: { size: Size | undefined; metal: Metal },
): void {
  const panel =
    work.panelOf(work.reader.inspection.things.get(conductor)!.in!) ?? panelWith(work, conductor);
  const known = panel?.conductors.find(({ id }) => id === conductor);
  if (!panel || !known) return;
  const old = known.cable
    ? panel.conductors.filter(({ cable }) => cable?.id === known.cable!.id)
    : [known];
  const cable = work.newId();
  const shared = panel.multiwires.filter(({ neutral }) => old.some(({ id }) => id === neutral?.id));
  const renewed = old.map((one) => ({ one, id: work.newId() }));
  const cableFacts: Facts = {
    cableKind: 'nm',
    cableClamp: 'clamped',
    jacketState: 'sound',
    ...(known.cable?.edge && { edge: known.cable.edge }),
    ...(known.cable?.side && { side: known.cable.side }),
  };
  work.record([
    add('cable', cable, panel.id, cableFacts),
    ...renewed.map(({ one, id }) => {
      const use = one.function?.value;
      const colour =
        use === 'neutral'
          ? 'white'
          : use === 'ground'
            ? 'bare'
            : one.colour?.value === 'red'
              ? 'red'
              : 'black';
      const facts: Facts = {
        ...(use && { function: use }),
        size: size ?? one.size?.value ?? '14',
        metal,
        colour,
        insulationState: 'sound',
        landsOn: one.landsOn?.value ?? null,
        ...(work.reader.value(one.id, 'circuit') !== undefined && {
          circuit: work.reader.value(one.id, 'circuit'),
        }),
      };
      return add('conductor', id, cable, facts);
    }),
  ]);
  for (const { one } of renewed) work.say(one.id, { takenOut: true });
  if (known.cable) work.say(known.cable.id, { takenOut: true });
  for (const { id, neutral } of shared) {
    const now = renewed.find(({ one }) => one.id === neutral?.id);
    if (now) work.say(id, { sharedNeutral: now.id });
  }
}

const panelWith = (work: Work, conductor: string) =>
  work.site.panels.find(({ conductors }) => conductors.some(({ id }) => id === conductor));
