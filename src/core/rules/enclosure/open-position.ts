import type { Scene } from '../rule';
import { placeWith } from '../lazy-place';
import { clear, defineRule, doesNotApply, notSeen, present, want } from '../rule';

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
    'A recorded opening is found. Two openings one above the other, or live metal in the plane of one, are Danger now. A position nobody recorded is not seen: it is not taken for closed.',
  example: '`24 open!`: an opening without breaker or blank, with bare live metal in its plane.',
  sources: [{ code: '408.7', says: 'unused openings closed' }],
  who: 'a licensed electrician',
  remedies: ['Fit the blank made for this panel, or a closure plate made for it'],
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
    scene.places.positions.map((place) =>
      place.position.opening?.value === 'open'
        ? placeWith(place, { label: `Opening ${place.position.number}` })
        : place,
    ),
  check({ position }, scene) {
    if (position.devices.length > 0) return doesNotApply('a breaker fills it');
    const { opening, number, ref } = position;
    if (!opening) return notSeen(want(ref, 'opening', 'say what is at the position'));
    if (opening.value === 'covered') return clear('closed by the cover', opening);
    if (opening.value === 'blanked') return clear('closed by a blank', opening);
    const live = scene.site.reader.fact(ref, 'liveMetalInPlane');
    if (live?.value) {
      return {
        outcome: 'found',
        message: 'live-metal',
        data: { number },
        facts: present(opening, live),
        danger: 'bare live metal stands in the plane of the opening',
      };
    }
    const numbers = openRun(scene, position.column, position.row);
    if (numbers.length >= 2) {
      return {
        outcome: 'found',
        message: 'wide',
        data: { number, count: numbers.length, numbers: numbers.join(', ') },
        facts: [opening],
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

/** Printed numbers of the unbroken run of open positions in this column that holds the row. */
function openRun({ panel }: Scene, column: number, row: number): number[] {
  const openAt = new Map(
    panel.positions
      .filter((p) => p.column === column && p.devices.length === 0 && p.opening?.value === 'open')
      .map((p) => [p.row, p.number]),
  );
  let first = row;
  while (openAt.has(first - 1)) first -= 1;
  const numbers: number[] = [];
  for (let at = first; openAt.has(at); at += 1) numbers.push(openAt.get(at)!);
  return numbers;
}
