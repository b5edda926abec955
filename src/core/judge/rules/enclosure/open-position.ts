import type { PositionView } from '../../../installation/panel/views';
import { listed } from '../../../vocabulary/phrases';
import type { Scene } from '../../check/rule';
import { placeWith } from '../../check/lazy-place';
import { clear, defineRule, doesNotApply, notSeen, present, want } from '../../check/rule';

/** 408.7: an unused opening for a breaker is closed. Reach is in the base. */
export const openPosition = defineRule({
  id: 'enclosure/open-position',
  title: 'Breaker opening neither filled nor closed',
  stage: 6,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: false,
  reachInBase: true,
  behindCover: false,
  finds:
    'A recorded opening is found; openings one above the other are one hole. Two openings one above the other, or live metal in the plane of one, are Danger now. A position nobody recorded is not seen: it is not taken for closed.',
  example: '`24 open!`: an opening without breaker or blank, with bare live metal in its plane.',
  sources: [{ code: '408.7', says: 'unused openings closed' }],
  who: 'a licensed electrician',
  remedies: ['blank'],
  messages: {
    open: {
      short: 'Opening without device or blank',
      seen: 'The opening at position {number} has neither breaker nor blank.',
      why: 'A finger, a tool or a mouse can reach live parts through opening {number} with the door open.',
      ask: 'Close the opening with the blank made for this panel.',
    },
    wide: {
      short: 'Opening {count} positions high, no blank',
      seen: 'The openings at positions {numbers} lie together and have neither breakers nor blanks.',
      why: 'A hand fits through an opening {count} positions high and meets live parts. Nobody should rely on this panel before it is closed.',
      ask: 'Keep everyone away from the open door; have the openings closed today.',
    },
    'live-metal': {
      short: 'Opening without blank, live bus in reach',
      seen: 'The opening at position {number} has neither breaker nor blank, and bare live metal stands in its plane.',
      why: 'A finger at opening {number} touches live metal: with the door open nothing is in between.',
      ask: 'Keep the door shut; have the opening closed with the proper blank today.',
    },
  },
  places: (scene) =>
    scene.places.positions.flatMap((place) => {
      if (!isOpen(place.position)) return [place];
      const run = openRun(scene, place.position);
      // A hole is one thing, told where it begins.
      if (run[0] !== place.position) return [];
      return [
        placeWith(place, {
          label: `Opening ${listed(run.map(({ number }) => number))}`,
          related: run.map(({ ref }) => ref),
          formerly: run.slice(1).map(({ ref }) => ref),
        }),
      ];
    }),
  check({ position }, scene) {
    if (position.devices.length > 0) return doesNotApply('a breaker fills it');
    const { opening, number, ref } = position;
    if (!opening) return notSeen(want(ref, 'opening', 'say what is at the position'));
    if (opening.value === 'covered') return clear('closed by the cover', opening);
    if (opening.value === 'blanked') return clear('closed by a blank', opening);
    if (opening.value !== 'open')
      return doesNotApply('closed by what was not made for it: found as that');
    const run = openRun(scene, position);
    const { reader } = scene.site;
    const live = run
      .map((one) => reader.fact(one.ref, 'liveMetalInPlane'))
      .reduce((a, b) => (b?.value ? b : (a ?? b)), undefined);
    const openings = run.flatMap((one) => one.opening ?? []);
    if (live?.value) {
      return {
        outcome: 'found',
        message: 'live-metal',
        data: { number: listed(run.map((one) => one.number)) },
        facts: present(...openings, live),
        danger: 'bare live metal stands in the plane of the opening',
      };
    }
    const numbers = run.map((one) => one.number);
    if (numbers.length >= 2) {
      return {
        outcome: 'found',
        message: 'wide',
        data: { number, count: numbers.length, numbers: numbers.join(', ') },
        facts: openings,
        danger: `the opening is ${numbers.length} positions high`,
      };
    }
    return {
      outcome: 'found',
      message: 'open',
      data: { number },
      facts: [opening],
      wants: live
        ? []
        : [want(ref, 'liveMetalInPlane', 'look whether bare live metal stands in the plane')],
    };
  },
});

const isOpen = ({ devices, opening }: PositionView) =>
  devices.length === 0 && opening?.value === 'open';

/** The unbroken run of open positions in this column that holds the position, from its first. */
function openRun({ panel }: Scene, { column, row }: PositionView): PositionView[] {
  const openAt = new Map(
    panel.positions
      .filter((one) => one.column === column && isOpen(one))
      .map((one) => [one.row, one]),
  );
  let first = row;
  while (openAt.has(first - 1)) first -= 1;
  const run: PositionView[] = [];
  for (let at = first; openAt.has(at); at += 1) run.push(openAt.get(at)!);
  return run;
}
