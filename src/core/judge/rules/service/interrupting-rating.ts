import type { Fact } from '../../../record/entries/inspection';
import type { PanelView } from '../../../installation/panel/views';
import { faultAtPanelA, faultAtTransformerA } from '../../../installation/supply/fault-current';
import { SupplyTree } from '../../../installation/supply/tree';
import { panelPlace } from '../../check/places';
import type { Scene } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.9: a device interrupts the fault current available at its line terminals. */
export const interruptingRating = defineRule({
  id: 'service/interrupting-rating',
  title: 'Fault current above the interrupting rating',
  stage: 6,
  hazards: ['arc flash', 'fire'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: true,
  finds:
    'Available fault current above the interrupting rating; of several marks the weakest decides, unless the label has a series rating, which counts; an unmarked breaker interrupts 5 kA. The current at the transformer is an upper bound: within the rating it is clear, above it the run to the panel is wanted. Label or transformer unread: not seen.',
  example: 'A panel of 10 kA close to a 112.5 kVA transformer.',
  sources: [
    { code: '110.9', says: 'interrupting rating' },
    { code: '240.86', says: 'series ratings' },
  ],
  who: 'a licensed electrician with the utility’s figure',
  remedies: ['series-combination', 'higher-interrupting'],
  messages: {
    over: {
      short: '{faultA} A available, rated {ratingA} A',
      seen: 'At this panel {faultA} A of fault current are available; its devices interrupt {ratingA} A.',
      why: 'On a dead short a breaker can burst instead of opening, at {faultA} A here.',
      ask: 'The utility’s fault current in writing, and devices rated for it.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Fault current')],
  check(_, scene) {
    const { site, panel, yardstick } = scene;
    const { reader } = site;
    const marks = [panel.id, ...scene.places.allDevices.map(({ device }) => device.id)].flatMap(
      (about) => reader.fact(about, 'interruptingKa') ?? [],
    );
    const weakest = marks.reduce<(typeof marks)[number] | undefined>(
      (a, b) => (a && a.value <= b.value ? a : b),
      undefined,
    );
    const series = reader.fact(panel.id, 'seriesRatingKa');
    const best = series ?? weakest;
    const ratingA = (best?.value ?? yardstick.unmarkedInterruptingKa) * 1000;
    const available = availableA(scene);
    if (!available)
      return notSeen(
        want(
          serviceOf(scene) ?? panel.id,
          'transformerKva',
          'read the transformer or ask the utility for the fault current',
        ),
      );
    const faultA = Math.round(available.a);
    const facts = [...available.facts, best];
    // The main's mark alone says nothing of the breakers below it.
    const partsUnread = !series && !reader.fact(panel.id, 'interruptingKa');
    if (partsUnread && faultA > yardstick.unmarkedInterruptingKa * 1000 && faultA <= ratingA)
      return notSeen(want(panel.id, 'interruptingKa', 'read the interrupting rating on the label'));
    if (faultA <= ratingA) return clear(`${faultA} A available, rated ${ratingA} A`, ...facts);
    if (!best)
      return notSeen(want(panel.id, 'interruptingKa', 'read the interrupting rating on the label'));
    if (available.bound)
      return notSeen(want(panel.id, 'supplyLength', 'measure the run from the transformer'));
    return found('over', { faultA, ratingA }, facts);
  },
});

const serviceOf = ({ site, panel }: Scene): string | undefined => {
  const top = new SupplyTree(site.reader).wayUp(panel.id).at(-1)?.thing;
  return top?.type === 'service' ? top.id : undefined;
};

/** Said at the panel or the service, or computed; `bound`: the run was left out, so it is less. */
function availableA(scene: Scene): { a: number; bound: boolean; facts: Fact[] } | undefined {
  const { site, panel, yardstick } = scene;
  const { reader } = site;
  const service = serviceOf(scene);
  const said =
    reader.fact(panel.id, 'availableFaultA') ??
    (service ? reader.fact(service, 'availableFaultA') : undefined);
  if (said) return { a: said.value, bound: false, facts: [said as Fact] };
  const kva = service && reader.fact(service, 'transformerKva');
  const impedance = service && reader.fact(service, 'transformerImpedancePercent');
  if (!kva || !impedance || !panel.systemRead || impedance.value <= 0) return undefined;
  const transformer = { kva: kva.value, impedancePercent: impedance.value };
  const facts = [kva as Fact, impedance as Fact];
  const run = runOf(scene, panel);
  const atPanel = run && faultAtPanelA(yardstick, panel.system, transformer, run.values);
  return atPanel === undefined
    ? { a: faultAtTransformerA(panel.system, transformer), bound: true, facts }
    : { a: atPanel, bound: false, facts: [...facts, ...run!.facts] };
}

function runOf({ site: { reader } }: Scene, { id }: PanelView) {
  const size = reader.fact(id, 'supplySize');
  const metal = reader.fact(id, 'supplyMetal');
  const length = reader.fact(id, 'supplyLength');
  if (!size || !metal || !length) return undefined;
  return {
    values: { size: size.value, metal: metal.value, length: length.value },
    facts: [size as Fact, metal as Fact, length as Fact],
  };
}
