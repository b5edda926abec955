import { isCalledBack, recallsOf } from '../../../codes/families/recall';
import { sameWords } from '../../../codes/families/nameplate';
import { clear, defineRule, found, likelyNotSeen, notSeen, want } from '../../check/rule';

/** A type of device its maker called back, by the registry of the organisation. */
export const recalled = defineRule({
  id: 'breaker/recalled',
  title: 'Device of a recalled type',
  stage: 6,
  hazards: ['fire', 'shock'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'Maker, type designation and date code are looked up among the recalls of the organisation’s registry. A type that was called back by date codes is not seen until its code is read. Where no type was read, somebody says of the whole panel that the types of the list were looked for.',
  example: 'A ground-fault breaker whose test button works and whose electronics do not.',
  sources: [
    { code: 'registry of recalls', says: 'called back by its maker; kept by the organisation' },
  ],
  remedies: ['breaker-not-recalled'],
  messages: {
    recalled: {
      short: '{place}: {maker} {type}, recalled',
      seen: '{place} is a {maker} {type}, date code {code}: called back by its maker ({source}).',
      why: 'Of these it is known that {says}. It looks and switches like any other.',
      ask: 'It replaced; the maker’s notice says whether that is free of charge.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.allDevices,
  check({ ref }, { site: { reader }, panel, places, settings }) {
    const type = reader.fact(ref, 'breakerType');
    const maker = reader.fact(ref, 'maker');
    if (!type) {
      if (maker && !settings.recalls.some((one) => sameWords(one.maker, maker.value)))
        return clear('no recall of this maker known', maker);
      const looked = reader.fact(panel.id, 'recalledTypes');
      if (!looked) return notSeen(want(panel.id, 'recalledTypes', 'look for types called back'));
      // One of them that was read here says that whoever looked did not see them all.
      const disproved = places.allDevices.some(({ ref: other }) => {
        const [its, of] = [reader.value(other, 'breakerType'), reader.value(other, 'maker')];
        return (
          its !== undefined && of !== undefined && recallsOf(settings.recalls, of, its).length > 0
        );
      });
      return looked.value === 'none' && !disproved
        ? clear('types called back were looked for, none here', looked)
        : notSeen(want(ref, 'breakerType', 'read the type on the device'));
    }
    if (!maker) return notSeen(want(ref, 'maker', 'read the maker on the device'));
    const recalls = recallsOf(settings.recalls, maker.value, type.value);
    if (recalls.length === 0) return clear('no recall of this type known', maker, type);
    const code = reader.fact(ref, 'dateCode');
    const recall = recalls.find(
      (one) => one.codes === null || (code && isCalledBack(one, code.value)),
    );
    if (recall)
      return found(
        'recalled',
        {
          maker: maker.value,
          type: type.value,
          code: code?.value ?? 'not read',
          source: recall.source,
          says: recall.says,
        },
        [maker, type, code],
        {
          base: {
            severity: recall.severity,
            likelihood: recall.likelihood,
            because: `registry: ${recall.source}`,
          },
        },
      );
    const ask = want(ref, 'dateCode', 'read the date code: some of this type were called back');
    if (!code || recalls.some((one) => isCalledBack(one, code.value) === undefined))
      return likelyNotSeen([maker, type, code], ask);
    return clear('its date code is not among those called back', maker, type, code);
  },
});
