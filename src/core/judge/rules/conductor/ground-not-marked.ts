import { compareSizes } from '../../../vocabulary/size';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 250.119(A): 4 AWG and larger may be stripped or re-marked; smaller are green or bare as made. */
export const groundNotMarked = defineRule({
  id: 'conductor/ground-not-marked',
  title: 'Ground wire of another colour',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  behindCover: true,
  finds:
    'An insulated conductor of another colour used as equipment ground. From 4 AWG up it may be stripped or re-marked; 6 AWG and smaller may not be re-marked at all.',
  example: 'A black 8 copper used as the ground of a feeder.',
  sources: [{ code: '250.119(A)', says: 'conductors 4 AWG and larger' }],
  remedies: ['mark-ground', 'green-or-bare'],
  messages: {
    unmarked: {
      short: '{colour} used as ground',
      seen: '{place} is {colour} and used as ground.',
      why: 'Someone will take it for a live wire, or for a spare one, and lift it.',
      ask: 'Marked or replaced, as its size allows.',
    },
  },
  asks: 'conductor',
  places: ({ places }) =>
    places.conductors.filter(({ conductor }) => conductor.function?.value === 'ground'),
  check({ conductor }, { site: { reader } }) {
    const { colour, size, function: use } = conductor;
    if (!colour) return notSeen(want(conductor.id, 'colour', 'record its colour'));
    if (colour.value === 'green' || colour.value === 'bare')
      return clear(colour.value, colour, use);
    if (size && compareSizes(size.value, '6') <= 0)
      return found('unmarked', { colour: colour.value }, [colour, size, use]);
    const marked = reader.fact(conductor.id, 'markedAsGround');
    if (marked?.value === false)
      return found('unmarked', { colour: colour.value }, [colour, marked, use]);
    if (!size) return notSeen(want(conductor.id, 'size', 'read its size'));
    if (!marked)
      return notSeen(want(conductor.id, 'markedAsGround', 'see whether it is stripped or marked'));
    return clear('marked as ground', colour, size, marked);
  },
});
