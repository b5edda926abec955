import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 250.119: green and bare are for grounding only. */
export const greenAsHot = defineRule({
  id: 'conductor/green-as-hot',
  title: 'Green or bare wire carries current',
  stage: 8,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds: 'Green or bare used as hot or neutral. The bare neutral of service cable is permitted.',
  example: '`7 20 12cu:g`: green on a breaker.',
  sources: [{ code: '250.119', says: 'identification of equipment grounding conductors' }],
  remedies: ['right-colour'],
  messages: {
    current: {
      short: '{colour} used as {use}',
      seen: '{place} is {colour} and used as {use}.',
      why: 'Everybody takes {colour} for ground and touches it; this one carries current.',
      ask: 'A conductor of the right colour in its place.',
    },
  },
  asks: 'conductor',
  places: ({ places }) => places.conductors,
  check({ conductor }) {
    const { colour, function: use, cable } = conductor;
    if (use?.value === 'ground') return clear('used as ground', use);
    if (colour && colour.value !== 'green' && colour.value !== 'bare')
      return clear(colour.value, colour);
    if (!colour) return notSeen(want(conductor.id, 'colour', 'record its colour'));
    if (!use) return notSeen(want(conductor.id, 'function', 'say what it is used as'));
    if (use.value === 'neutral' && colour.value === 'bare') {
      if (cable?.kind?.value === 'se')
        return clear('bare neutral of service cable', use, cable.kind);
      if (!cable?.kind)
        return notSeen(
          want(
            cable?.id ?? conductor.id,
            cable ? 'cableKind' : 'function',
            'see what cable it is in',
          ),
        );
    }
    return found('current', { colour: colour.value, use: use.value }, [colour, use]);
  },
});
