import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 312.5(C), 300.15: a cable enters with its jacket whole. */
export const sheath = defineRule({
  id: 'conductor/sheath',
  title: 'Jacket ends outside the box, or two cables in one connector',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 2, likelihood: 2 },
  behindCover: true,
  finds:
    'A cable whose jacket ends outside the box or less than 6 mm inside it; two cables in a connector made for one. A jacket that runs on far inside is a Note at most.',
  example: 'A cable stripped a hand’s breadth above the panel.',
  sources: [
    { code: '312.5(C)', says: 'cables secured, the sheath entering' },
    { code: '300.15', says: 'fittings used as they are made for' },
  ],
  remedies: ['cable-re-entered'],
  messages: {
    outside: {
      short: '{place}: jacket ends {value}',
      seen: 'The jacket of {place} ends {value}.',
      why: 'The thin insulation of the wires rests on the edge of the hole, where the jacket should.',
      ask: 'The cable entered again with its jacket through the connector.',
    },
    shared: {
      short: '{place}: two in a connector for one',
      seen: '{place} shares a connector made for one cable with another.',
      why: 'One of them is crushed, or neither is held.',
      ask: 'A connector for each, or one made for two.',
    },
    long: {
      short: '{place}: jacket far inside',
      seen: 'The jacket of {place} runs on far inside the box.',
      why: 'It takes room and hides the wires; nothing is unsafe.',
      ask: 'Cut back when the panel is next worked in.',
    },
  },
  asks: 'cable',
  places: ({ places }) => places.cables,
  quiet: {
    unless: ['sheathEnds', 'cableClamp'],
    property: 'sheathEnds',
    say: 'look where its jacket ends',
  },
  check({ ref }, { site: { reader } }) {
    const ends = reader.fact(ref, 'sheathEnds');
    const clamp = reader.fact(ref, 'cableClamp');
    if (ends?.value === 'outside' || ends?.value === 'short')
      return found(
        'outside',
        { value: ends.value === 'outside' ? 'outside the box' : 'less than 6 mm inside the box' },
        [ends],
      );
    if (clamp?.value === 'shared') return found('shared', {}, [clamp]);
    if (!ends) return notSeen(want(ref, 'sheathEnds', 'look where its jacket ends'));
    if (ends.value === 'long')
      return found('long', {}, [ends], {
        base: { severity: 1, likelihood: 1, because: 'nothing is unsafe' },
        most: { grade: 'note', because: 'a long jacket harms nothing' },
      });
    if (!clamp) return notSeen(want(ref, 'cableClamp', 'look how the cable enters'));
    return clear('6 mm or more inside', ends, clamp);
  },
});
