import { meets } from '../../../codes/yardstick/length-limit';
import type { Fact } from '../../../record/entries/inspection';
import { lengthWords } from '../../../vocabulary/lengths';
import { listed } from '../../../vocabulary/phrases';
import type { Want } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 230.9, 230.24, 230.28: how near an overhead drop comes, and what its mast bears. */
export const overheadReach = defineRule({
  id: 'service/overhead-reach',
  title: 'Drop within reach, or something hung on the mast',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A drop nearer than 914 mm (3 ft) beside or below a window or door; above the window’s top it is allowed. Over a roof nearer than 2.6 m (8 ft 6 in), over one of 4 in 12 or steeper 914 mm, over an overhang of at most 1.2 m 457 mm (18 in). Anything but the drop hung on the mast.',
  example: 'A drop that passes 60 cm beside a bedroom window.',
  sources: [
    { code: '230.9', says: 'clearance from openings' },
    { code: '230.24', says: 'clearance over roofs' },
    { code: '230.28', says: 'masts bear the drop alone' },
  ],
  who: 'the utility for the drop, a licensed electrician for the mast',
  remedies: ['drop-out-of-reach'],
  messages: {
    near: {
      short: '{value}',
      seen: 'Overhead service: {value}.',
      why: 'The drop has no breaker ahead of it and its covering ages; a hand, a ladder or a falling mast finds it live.',
      ask: 'The utility asked to raise or move it; nobody reaches for it meanwhile, and ladders stay away.',
    },
  },
  places: ({ around }) => around.services,
  quiet: {
    unless: ['supplyWay', 'dropToOpening', 'dropAboveRoof', 'roofUnderDrop', 'mastBears'],
    property: 'supplyWay',
    say: 'look how the service comes in',
  },
  check({ ref }, { site: { reader }, yardstick }) {
    const way = reader.fact(ref, 'supplyWay');
    if (way?.value === 'underground') return doesNotApply('comes in underground');
    if (!way) return notSeen(want(ref, 'supplyWay', 'look how the service comes in'));
    const [wrong, facts, wants]: [string[], Fact[], Want[]] = [[], [way], []];
    const opening = reader.fact(ref, 'dropToOpening');
    if (!opening)
      wants.push(want(ref, 'dropToOpening', 'judge by eye how near it comes to a window or door'));
    else {
      facts.push(opening);
      if (!meets(opening.value, yardstick.dropToOpening))
        wrong.push(`the drop is ${lengthWords(opening.value)} from a window or door`);
    }
    const roof = reader.fact(ref, 'roofUnderDrop');
    if (!roof) wants.push(want(ref, 'roofUnderDrop', 'look what is under the drop'));
    else facts.push(roof);
    if (roof && roof.value !== 'none') {
      const above = reader.fact(ref, 'dropAboveRoof');
      if (!above)
        wants.push(want(ref, 'dropAboveRoof', 'judge by eye how high it hangs over the roof'));
      else {
        facts.push(above);
        if (!meets(above.value, yardstick.dropAboveRoof[roof.value]))
          wrong.push(`the drop hangs ${lengthWords(above.value)} above the roof`);
      }
    }
    const mast = reader.fact(ref, 'mastBears');
    if (!mast) wants.push(want(ref, 'mastBears', 'look what the mast bears'));
    else {
      facts.push(mast);
      if (mast.value === 'other') wrong.push('the mast bears other things than the drop');
    }
    if (wrong.length > 0) return found('near', { value: listed(wrong) }, facts, { wants });
    return wants.length > 0 ? notSeen(...wants) : clear('out of reach', ...facts);
  },
});
