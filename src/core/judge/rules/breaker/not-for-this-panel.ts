import { clear, defineRule, notSeen, want } from '../../check/rule';

/** 110.3(B): the label lists the breakers the panel was tested with. */
export const notForThisPanel = defineRule({
  id: 'breaker/not-for-this-panel',
  title: 'Breaker not on the label’s list',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 3 },
  outsideListing: true,
  behindCover: false,
  finds:
    'The label’s list is compared with maker and type. Another maker’s breaker is clear where its own marking names this panel. A list or type nobody read is not seen.',
  example: '`7 20 @merrowby` in a panel whose label accepts Tarnholt TA and TB only.',
  sources: [{ code: '110.3(B)', says: 'use by the listing and label' }],
  who: 'a licensed electrician',
  remedies: ['new-breaker'],
  messages: {
    'off-list': {
      short: '{type} is not on the label’s list',
      seen: '{place} is marked {type}; the label accepts {accepts}.',
      why: '{place} was never tested on this bus: its grip on the stab may be poor and heat up.',
      ask: 'A breaker of a type the label lists: {accepts}.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.devices,
  check({ device }, { site, panel }) {
    const classified = site.reader.fact(device.id, 'classifiedFor');
    if (classified?.value) return clear('marked as classified for this panel', classified);
    const accepts = site.reader.fact(panel.id, 'labelAccepts');
    if (!accepts)
      return notSeen(want(panel.id, 'labelAccepts', 'read the label’s list of breakers'));
    const maker = site.reader.fact(device.id, 'maker');
    if (!maker) return notSeen(want(device.id, 'maker', 'read the maker of the breaker'));
    const type = site.reader.fact(device.id, 'breakerType');
    if (accepts.value.includes(maker.value))
      return clear('on the label’s list', accepts, maker, type);
    const made = fold(maker.value);
    const list = accepts.value.map(fold);
    const listedTypes = list.filter((entry) => entry === made || entry.startsWith(`${made} `));
    const named = type ? `${made} ${fold(type.value)}` : undefined;
    if (listedTypes.includes(made) || (named && listedTypes.includes(named)))
      return clear('on the label’s list', accepts, maker, type);
    if (listedTypes.length > 0 && !type)
      return notSeen(want(device.id, 'breakerType', 'read the type on the breaker'));
    return {
      outcome: 'found',
      message: 'off-list',
      data: {
        label: device.label,
        type: [maker.value, type?.value].filter(Boolean).join(' '),
        accepts: accepts.value.join(', ') || 'none',
      },
      facts: [accepts, maker, ...(type ? [type] : [])],
    };
  },
});

const fold = (words: string) => words.trim().toLowerCase().replace(/\s+/g, ' ');
