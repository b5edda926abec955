import { familiesOfNameplate, sameWords, wholeMaker } from '../../../codes/families/nameplate';
import type { Family } from '../../../codes/families/family';
import { clear, defineRule, gap, notSeen, present, want } from '../../check/rule';
import { panelPlace } from '../../check/places';

/** A panel whose construction family is in the registry of families with a bad history. */
export const hazardFamily = defineRule({
  id: 'breaker/hazard-family',
  title: 'Panel of a family with a bad history',
  stage: 5,
  hazards: ['fire', 'shock'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: false,
  behindCover: false,
  obsolete: true,
  finds:
    'Maker and model are looked up in the organisation’s registry of families; a maker may be mapped as a whole. One the registry does not hold is not seen: nobody judged it. Heat, arcing, looseness or a failed trip anywhere in the panel raises it.',
  example: 'A label that reads Dunvarick FS-24, mapped to the friction-stab family.',
  sources: [
    {
      code: 'registry of families',
      says: 'history recorded with the family; kept by the organisation',
    },
  ],
  who: 'a licensed electrician',
  remedies: ['replacement-breakers', 'date-for-panel', 'replace-panel'],
  messages: {
    family: {
      short: '{family}: {maker} {model}',
      seen: 'The label names {maker} {model}, a {family}: {construction}.',
      why: 'Of this construction it is known that {history}.',
      ask: 'A quotation for replacing this panel, and signs of heat or looseness looked for at every breaker.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'The panel’s family')],
  check(place, scene) {
    const { reader } = scene.site;
    const maker = reader.fact(place.ref, 'maker');
    const model = reader.fact(place.ref, 'model');
    if (!maker) return notSeen(want(place.ref, 'maker', 'read the maker on the label'));
    const registry = scene.settings.families;
    const ofMaker = familiesOfNameplate(registry, maker.value);
    const registryOf = `the registry of ${scene.settings.organisation}`;
    if (ofMaker.length === 0)
      return notSeen(gap(want(place.ref, 'maker', `not in ${registryOf}: ${maker.value}`)));
    if (!model && !ofMaker.every((family) => mapsWhole(family, maker.value)))
      return notSeen(want(place.ref, 'model', 'read the model on the label'));
    const mapped = model ? familiesOfNameplate(registry, maker.value, model.value) : ofMaker;
    if (mapped.length === 0)
      return notSeen(
        gap(want(place.ref, 'model', `not in ${registryOf}: ${maker.value} ${model!.value}`)),
      );
    const family = mapped.find(({ hazard }) => hazard);
    if (!family) return clear(`${mapped[0]!.name}: no history known`, maker, model);
    return {
      outcome: 'found',
      message: 'family',
      data: {
        family: family.name.toLowerCase(),
        maker: maker.value,
        model: model?.value ?? 'of any model',
        construction: family.construction,
        history: family.history,
      },
      facts: present(maker, model),
      base: {
        severity: family.severity,
        likelihood: family.likelihood,
        because: `registry: ${family.name}`,
      },
    };
  },
});

const mapsWhole = ({ nameplates }: Family, maker: string) =>
  nameplates.some((plate) => sameWords(plate.maker, maker) && plate.models.includes(wholeMaker));
