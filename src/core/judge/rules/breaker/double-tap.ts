import { countedScrew } from '../../../installation/panel/completeness';
import { conductorWords, circuitWords } from '../../../installation/panel/words';
import type { ConductorView } from '../../../installation/panel/views';
import type { TerminalPlace } from '../../check/places';
import { worstPole } from '../../check/poles';
import type { Outcome, Scene } from '../../check/rule';
import {
  clear,
  defineRule,
  doesNotApply,
  likelyNotSeen,
  notSeen,
  present,
  want,
} from '../../check/rule';

const base = { severity: 4, likelihood: 2 } as const;

/** 110.14(A): a terminal takes one conductor unless it is marked for more. */
export const doubleTap = defineRule({
  id: 'breaker/double-tap',
  title: 'More conductors under a screw than it is marked for',
  stage: 8,
  hazards: ['fire'],
  base,
  outsideListing: true,
  behindCover: true,
  finds:
    'Screws of breakers, mains, pull-outs and fuse blocks. More conductors than the marking allows are found; a low-voltage lead of 18 or 16 counts as one. A marking nobody read leaves it not seen, shown as likely. Marked for two is clear for an equal pair of copper 14 to 10, or for the sizes the marking names; aluminium in pairs is found. One recorded wire means at least one until the screw was counted.',
  example: '`15 20 2x12cu m1 bench, quay lamp`: two wires under a screw marked for one.',
  sources: [
    { code: '110.14(A)', says: 'terminals for more than one conductor are so identified' },
    { code: '110.3(B)', says: 'use by the listing and label' },
  ],
  who: 'a licensed electrician',
  remedies: ['pigtail', 'listed-for-two', 'tandem', 'own-position'],
  messages: {
    doubled: {
      short: '{count} conductors under one screw marked for {takes}',
      seen: '{count} conductors ({conductors}) are under the screw of {at}, {circuit}; it is marked for {takes}.',
      why: 'The screw at {label} clamps one wire well and the other by chance. A loose wire heats where nobody sees it, and the {handleA} A breaker does not notice.',
      ask: 'A place of its own for each conductor: a free position, or a listed connector and one wire to the breaker.',
    },
    'wrong-pair': {
      short: '2 conductors of sizes the screw is not marked for in pairs',
      seen: 'Two conductors ({conductors}) are under the screw of {at}, {circuit}; its marking allows pairs of {sizes} copper only.',
      why: 'A screw marked for two wires holds them only in the sizes it was tested with; at {label} one may work loose and heat.',
      ask: 'A place of its own for each conductor, or a pair of a size the marking allows.',
    },
  },
  asks: 'device',
  places: ({ places }) => [...places.mainPoles, ...places.pullOutPoles, ...places.poles],
  check: worstPole(underScrew, base),
});

function underScrew({ terminal, label: here }: TerminalPlace, { site }: Scene): Outcome {
  const { conductors, device, ref } = terminal;
  const seenAll = countedScrew(site.reader, terminal);
  const count = Math.max(conductors.length, site.reader.value(ref, 'conductorCount') ?? 0);
  if (count === 1 && seenAll)
    return clear('1 conductor under the screw', conductors[0]?.landsOn, seenAll);
  const landed = present(...conductors.map((conductor) => conductor.landsOn));
  if (count === 0)
    return seenAll
      ? doesNotApply('no conductor on it')
      : notSeen(want(ref, 'conductorCount', 'look what is under the screw'));
  const takes = site.reader.fact(device.id, 'terminalTakes');
  if (count === 1)
    return notSeen(want(ref, 'conductorCount', 'say whether this is all that is under the screw'));
  if (!takes)
    return likelyNotSeen(
      landed,
      want(device.id, 'terminalTakes', 'read the marking beside the screw'),
    );
  const data = {
    count,
    at: here,
    takes: takes.value,
    label: terminal.label,
    circuit: circuitWords(terminal.circuit),
    conductors: conductors.map(conductorWords).join(' and '),
    handleA: terminal.handleA ?? '?',
  };
  if (count > takes.value)
    return {
      outcome: 'found',
      message: 'doubled',
      data,
      facts: present(takes, site.reader.fact(ref, 'conductorCount'), ...landed),
    };
  if (!seenAll)
    return notSeen(want(ref, 'conductorCount', 'say whether this is all that is under the screw'));
  const sizes = site.reader.fact(device.id, 'terminalTakesSizes');
  const fits = pairFits(conductors, sizes?.value);
  if (fits === 'unknown')
    return notSeen(
      want(device.id, 'terminalTakesSizes', 'read which sizes the marking allows in pairs'),
    );
  if (fits === 'no')
    return {
      outcome: 'found',
      message: 'wrong-pair',
      data: { ...data, sizes: sizes?.value.join(', ') ?? '14 to 10' },
      facts: present(takes, sizes, ...landed),
    };
  return clear('2 conductors, screw marked for 2', takes, sizes, ...landed, seenAll);
}

/** Whether a screw marked for two takes this pair. Equal copper of 14 to 10 is what every such marking takes. */
function pairFits(conductors: readonly ConductorView[], allowed: readonly string[] | undefined) {
  const sizes = conductors.map((conductor) => conductor.size?.value);
  const metals = conductors.map((conductor) => conductor.metal?.value);
  if (metals.includes('al') || metals.includes('cca')) return 'no';
  if (sizes.includes(undefined) || metals.includes(undefined)) return 'unknown';
  if (allowed) return sizes.every((size) => allowed.includes(size!)) ? 'yes' : 'no';
  const equal = new Set(sizes).size === 1;
  return equal && ['14', '12', '10'].includes(sizes[0]!) ? 'yes' : 'unknown';
}
