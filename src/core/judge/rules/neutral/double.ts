import type { Fact } from '../../../record/entries/inspection';
import type { BarTerminalView } from '../../../installation/panel/views';
import { countedBar, countedBarScrew } from '../../../installation/panel/completeness';
import { terminalWords } from '../../../installation/panel/words';
import { counted, listed } from '../../../vocabulary/phrases';
import { panelPlace } from '../../check/places';
import type { Outcome, Place, Scene } from '../../check/rule';
import { clear, defineRule, notSeen, want } from '../../check/rule';

interface ScrewPlace extends Place {
  terminal?: BarTerminalView;
  unfinishedBar?: string;
}

/** 408.41: one grounded conductor to a terminal. In words since 2002, always in the equipment standard. */
export const doubledNeutral = defineRule<ScrewPlace>({
  id: 'neutral/double',
  title: 'More than one neutral under a screw, or a neutral with a ground',
  stage: 9,
  hazards: ['fire', 'damage'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  since: 2002,
  behindCover: true,
  finds:
    'Two neutrals, or a neutral with a ground, under one screw. Clear for parallel conductors of one circuit in a terminal identified for them. A multiwire circuit among them raises severity and likelihood by one. One neutral means at least one until the bar was counted.',
  example: '`3 15 14cu n3` and `5 20 14cu n3`: two neutrals under screw 3.',
  sources: [{ code: '408.41', says: 'each grounded conductor in a terminal of its own' }],
  who: 'a licensed electrician',
  remedies: ['free-terminal', 'extra-neutral-bar'],
  messages: {
    neutrals: {
      short: '{neutrals} under one screw',
      seen: '{neutrals} are under screw {number} of the {bar} bar.',
      why: 'To take one circuit’s neutral off screw {number} for work, the other must come loose while it is in use. A loose neutral heats, and goods on it can be damaged.',
      ask: 'A terminal of its own for each neutral; {free}.',
    },
    shared: {
      short: '{neutrals} under one screw, one serves {sharing}',
      seen: '{neutrals} are under screw {number} of the {bar} bar; one of them serves {sharing} together.',
      why: 'If the shared neutral on screw {number} works loose, goods on {sharing} that are made for 120 V can get up to 240 V.',
      ask: 'A terminal of its own for each neutral, the shared one first; {free}.',
    },
    'with-ground': {
      short: '{neutrals} and {grounds} under one screw',
      seen: '{neutrals} and {grounds} are under screw {number} of the {bar} bar.',
      why: 'If screw {number} loosens, the neutral’s current finds its way over the ground wire and the metal it protects.',
      ask: 'A terminal of its own for the neutral; {free}.',
    },
  },
  places({ panel, site, places: here }) {
    const barsWithNeutrals = panel.bars.filter((bar) => bar.kind !== undefined);
    if (barsWithNeutrals.length === 0) return [panelPlace(panel, 'Neutral bar')];
    return barsWithNeutrals.flatMap((bar): ScrewPlace[] => {
      const places = here.barTerminals.filter(
        ({ terminal }) =>
          terminal.bar === bar && (bar.kind === 'neutral' || terminal.conductors.some(isNeutral)),
      );
      const finished = countedBar(site.reader, bar) !== undefined;
      if (finished || bar.kind === 'ground') return places;
      const rest = {
        ref: bar.id,
        label: 'Neutral bar',
        related: [bar.id],
        order: 10_000,
        unfinishedBar: bar.id,
      };
      return [...places, rest];
    });
  },
  check(place, scene) {
    if (place.terminal) return checkScrew(place.terminal, scene);
    if (place.unfinishedBar)
      return notSeen(
        want(place.unfinishedBar, 'conductorCount', 'follow every neutral to its screw'),
      );
    return notSeen(want(place.ref, 'barKind', 'find where the neutrals land'));
  },
});

const isNeutral = (conductor: BarTerminalView['conductors'][number]) =>
  conductor.function?.value === 'neutral';

function checkScrew(terminal: BarTerminalView, { site, panel }: Scene): Outcome {
  const { reader } = site;
  const { bar, conductors } = terminal;
  const neutrals: typeof conductors = [];
  const grounds: typeof conductors = [];
  const facts: Fact[] = [];
  for (const conductor of conductors) {
    const { function: use, landsOn } = conductor;
    if (use?.value === 'neutral') neutrals.push(conductor);
    else if (use?.value === 'ground') grounds.push(conductor);
    if (landsOn) facts.push(landsOn as Fact);
    if (use) facts.push(use as Fact);
  }
  const all = countedBarScrew(reader, terminal);
  if (neutrals.length >= 2 || (neutrals.length === 1 && grounds.length >= 1)) {
    if (grounds.length === 0 && parallelOfOneCircuit(terminal, neutrals, reader))
      return clear('parallel conductors of one circuit, terminal identified for them', ...facts);
    const group = panel.multiwires.find((one) => one.neutral && neutrals.includes(one.neutral));
    const used = bar.terminals.filter((one) => one.conductors.length > 0).length;
    const spare = (bar.count ?? 0) - used;
    const data = {
      number: terminal.number,
      bar: bar.kind ?? 'neutral',
      neutrals: counted(neutrals.length, 'neutral'),
      grounds: counted(grounds.length, 'ground'),
      sharing: group ? listed(group.hots.map(terminalWords)) : '',
      free: all
        ? `${counted(spare, 'screw')} on this bar ${spare === 1 ? 'is' : 'are'} free`
        : 'free screws were not counted',
    };
    const message =
      grounds.length > 0 && neutrals.length === 1 ? 'with-ground' : group ? 'shared' : 'neutrals';
    return { outcome: 'found', message, data, facts };
  }
  if (!all)
    return notSeen(want(terminal.ref, 'conductorCount', 'follow every neutral to its screw'));
  const unknown = conductors.find((conductor) => !conductor.function);
  if (unknown && conductors.length > 1)
    return notSeen(want(unknown.id, 'function', 'say what the conductor is used as'));
  return clear('1 neutral on its own screw', ...facts, all);
}

function parallelOfOneCircuit(
  terminal: BarTerminalView,
  neutrals: BarTerminalView['conductors'],
  reader: Scene['site']['reader'],
): boolean {
  const circuits = neutrals.map((conductor) => reader.value(conductor.id, 'circuit'));
  return (
    reader.value(terminal.ref, 'takesParallel') === true &&
    circuits[0] !== undefined &&
    circuits.every((circuit) => circuit === circuits[0])
  );
}
