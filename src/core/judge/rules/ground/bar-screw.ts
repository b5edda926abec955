import { compareSizes } from '../../../vocabulary/size';
import { clear, defineRule, doesNotApply, found, notSeen, present, want } from '../../check/rule';

/** 110.14(A), 110.3(B): a screw takes the sizes it is marked for, several only alike. */
export const barScrew = defineRule({
  id: 'ground/bar-screw',
  title: 'Conductor does not fit the bar’s screw',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  outsideListing: true,
  behindCover: true,
  finds:
    'On a ground or neutral bar: a conductor larger or smaller than its screws are marked for, or several sizes under one screw. A lug fitted for the size answers it; the mark not read is not seen.',
  example: 'A 4 copper pressed under a screw for 14 to 8.',
  sources: [
    { code: '110.14(A)', says: 'terminals for the conductors they are marked for' },
    { code: '110.3(B)', says: 'used by the label' },
  ],
  remedies: ['bar-lug'],
  messages: {
    size: {
      short: '{place}: {size}, made for {from} to {to}',
      seen: '{place} holds a conductor of {size}; the screws of this bar take {from} to {to}.',
      why: 'What does not fit a screw is not held by it, and a ground that is not held is none when it is wanted.',
      ask: 'A lug for this size on the bar.',
    },
    mixed: {
      short: '{place}: {sizes} under one screw',
      seen: '{place} holds conductors of {sizes} under one screw.',
      why: 'The thicker one takes the screw’s grip, and the thinner one slips.',
      ask: 'A screw for each.',
    },
  },
  asks: 'ground',
  places: ({ places }) => places.barTerminals,
  quiet: {
    unless: ['screwTakesFrom', 'screwTakesTo', 'size'],
    property: 'screwTakesTo',
    say: 'read what sizes the bar’s screws take',
  },
  check({ ref, terminal }, { site: { reader } }) {
    const lug = reader.fact(ref, 'screwFits');
    if (lug?.value) return clear('a lug for its size', lug);
    const read = terminal.conductors.map(({ id, size }) => ({ id, size }));
    const held = present(...read.map(({ size }) => size)) as NonNullable<
      (typeof read)[number]['size']
    >[];
    const different = [...new Set(held.map(({ value }) => value))].sort(compareSizes);
    if (different.length > 1) return found('mixed', { sizes: different.join(' and ') }, held);
    const { id } = terminal.bar;
    const from = reader.fact(id, 'screwTakesFrom');
    const to = reader.fact(id, 'screwTakesTo');
    const unread = read.find(({ size }) => !size);
    if (unread) return notSeen(want(unread.id, 'size', 'read the size of the conductor'));
    if (held.length === 0) return doesNotApply('no conductor there');
    if (!from || !to)
      return notSeen(
        want(id, from ? 'screwTakesTo' : 'screwTakesFrom', 'read what sizes the bar’s screws take'),
      );
    const [size] = held;
    if (compareSizes(size!.value, from.value) < 0 || compareSizes(size!.value, to.value) > 0)
      return found('size', { size: size!.value, from: from.value, to: to.value }, [size, from, to]);
    return clear(`${size!.value} under a screw for ${from.value} to ${to.value}`, size, from, to);
  },
});
