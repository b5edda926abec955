import { defineRule, clear, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 110.14: aluminium in a terminal made and prepared for it. */
export const aluminiumTermination = defineRule({
  id: 'service/aluminium-termination',
  title: 'Aluminium not rightly terminated',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  behindCover: true,
  finds:
    'On aluminium supply conductors: no inhibitor where the label wants it, strands cut, corrosion, or a lug not marked for aluminium. Some connectors are filled already or need none: with the label unread a missing inhibitor is not seen.',
  example: 'Bare 2/0 aluminium in a lug whose label asks for inhibitor.',
  sources: [{ code: '110.14', says: 'terminals suitable for the metal' }],
  remedies: ['re-terminate-aluminium', 'lug-for-aluminium'],
  messages: {
    bare: {
      short: '{place}: no inhibitor, the label wants it',
      seen: '{place}: the aluminium was put in without inhibitor; the label wants it.',
      why: 'Aluminium skins over in air; without inhibitor this joint grows hot over the years.',
      ask: 'The joint re-made with inhibitor, to the torque on the label.',
    },
    strands: {
      short: '{place}: strands cut',
      seen: '{place}: strands of the aluminium conductor were cut to fit.',
      why: 'What is left of the wire carries the whole current and heats at the cut.',
      ask: 'The end re-made whole, or a lug that takes it.',
    },
    unmarked: {
      short: '{place}: not marked for aluminium',
      seen: '{place} holds aluminium and is not marked for it.',
      why: 'The two metals move and corrode against each other; the joint loosens.',
      ask: 'A lug marked for aluminium.',
    },
    bloom: {
      short: '{place}: corrosion on aluminium',
      seen: '{place}: white bloom or corrosion on the aluminium.',
      why: 'The corroded face carries less and heats more each year.',
      ask: 'The end cut back to clean metal and the joint re-made.',
    },
  },
  places: ({ places }) => places.lugs,
  check(place, { site: { reader }, panel }) {
    const metal = reader.fact(panel.id, 'supplyMetal');
    if (!metal) return notSeen(want(panel.id, 'supplyMetal', 'read the metal of the supply'));
    if (metal.value === 'cu') return doesNotApply('copper');
    const strands = reader.fact(place.ref, 'strandsCut');
    const marked = reader.fact(place.ref, 'markedForAl');
    const inhibitor = reader.fact(place.ref, 'inhibitor');
    const label = reader.fact(panel.id, 'labelInhibitor');
    const bloom = reader.fact(place.ref, 'moisture');
    if (marked?.value === false) return found('unmarked', {}, [metal, marked]);
    if (strands?.value) return found('strands', {}, [metal, strands]);
    if (bloom?.value) return found('bloom', {}, [metal, bloom]);
    if (inhibitor?.value === 'absent' && label?.value === 'wanted')
      return found('bare', {}, [metal, inhibitor, label]);
    if (!strands) return notSeen(want(place.ref, 'strandsCut', 'look at the strands'));
    if (!marked) return notSeen(want(place.ref, 'markedForAl', 'read the mark on the lug'));
    if (!bloom) return notSeen(want(place.ref, 'moisture', 'look for bloom on the aluminium'));
    const inhibited = inhibitor?.value === 'present' || label?.value === 'not-wanted';
    if (!inhibited)
      return inhibitor
        ? notSeen(want(panel.id, 'labelInhibitor', 'read whether the label wants inhibitor'))
        : notSeen(want(place.ref, 'inhibitor', 'look for inhibitor'));
    return clear('made for aluminium', metal, marked, strands, inhibitor, label);
  },
});
