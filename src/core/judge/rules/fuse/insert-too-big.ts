import { sizeWords } from '../../../installation/panel/words';
import { largestDeviceA } from '../../../codes/yardstick/conductor-limit';
import { plugFuses } from '../../check/fuse-places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 240.53, 240.54: a size-limiting insert limits only to its own size. */
export const insertTooBig = defineRule({
  id: 'fuse/insert-too-big',
  title: 'Size-limiting insert too big for the wire',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  behindCover: true,
  finds:
    'A size-limiting insert made for more than the conductor allows, whatever fuse is in it now.',
  example: 'An insert for 20 A on 14 copper, a 15 A fuse in it.',
  sources: [{ code: '240.53', says: 'type S fuses and adapters' }],
  remedies: ['insert-of-size'],
  messages: {
    big: {
      short: '{place}: insert for {insertA} A on {conductor}',
      seen: 'The insert of {place} is made for {insertA} A; its wire, {conductor}, allows {limitA} A.',
      why: 'The next hand puts in {insertA} A because it fits.',
      ask: 'An insert for {limitA} A.',
    },
  },
  asks: 'fuse',
  places: plugFuses,
  check({ device }, { site: { reader }, yardstick }) {
    const base = reader.fact(device.id, 'fuseBase');
    const insert = reader.fact(device.id, 'insertA');
    if (base?.value === 'edison') return doesNotApply('no insert');
    if (!base && !insert) return notSeen(want(device.id, 'fuseBase', 'look into the fuse base'));
    if (!insert) return notSeen(want(device.id, 'insertA', 'read what the insert is made for'));
    const conductors = device.terminals.flatMap((one) => one.conductors);
    const limits = conductors.map(({ size, metal }) =>
      size && metal
        ? {
            limitA: largestDeviceA(yardstick, metal.value, size.value, 60, false) ?? 0,
            words: sizeWords(size.value, metal.value),
            facts: [size, metal],
          }
        : undefined,
    );
    const known = limits.filter((one) => one !== undefined);
    const worst = known.reduce<(typeof known)[number] | undefined>(
      (a, b) => (a && a.limitA <= b.limitA ? a : b),
      undefined,
    );
    if (worst && insert.value > worst.limitA)
      return found('big', { insertA: insert.value, conductor: worst.words, limitA: worst.limitA }, [
        insert,
        ...worst.facts,
      ]);
    if (!worst || known.length < limits.length)
      return notSeen(
        want(
          conductors[0]?.id ?? device.id,
          conductors[0] ? 'size' : 'insertA',
          'read the size of the wire',
        ),
      );
    return clear(`insert for ${insert.value} A`, insert, ...worst.facts);
  },
});
