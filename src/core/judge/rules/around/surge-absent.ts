import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 230.67: surge protection of dwellings since 2020; advice for what stands. */
export const surgeAbsent = defineRule({
  id: 'around/surge-absent',
  title: 'No surge protection',
  stage: 8,
  hazards: ['damage'],
  base: { severity: 1, likelihood: 1 },
  since: 2020,
  finds: 'A dwelling without a surge device. Asked for since 2020, advice before.',
  example: 'A house of 1964 without a surge device.',
  sources: [{ code: '230.67', says: 'surge protection of dwelling services' }],
  remedies: ['surge-device'],
  messages: {
    absent: {
      short: 'No surge protection',
      seen: 'There is no surge device at the service of this dwelling.',
      why: 'A strike far away can end the electronics of the house, ground-fault and arc-fault breakers among them.',
      ask: 'A surge device when an electrician next comes.',
    },
  },
  places: ({ around }) =>
    around.buildings.map((place) => ({ ...place, label: 'Surge protection' })),
  check(place, { site: { reader, panels } }) {
    const kind = reader.fact(place.ref, 'buildingKind');
    if (!kind) return notSeen(want(place.ref, 'buildingKind', 'say whether it is a dwelling'));
    if (kind.value === 'shop' || kind.value === 'outbuilding')
      return doesNotApply('not a dwelling');
    const here = panels.filter((panel) => panel.building === place.ref);
    const device = here.flatMap((panel) => panel.devices).find((one) => one.form === 'surge');
    const said = [place.ref, ...here.map((panel) => panel.id)]
      .map((about) => reader.fact(about, 'surgeThere'))
      .filter((fact) => fact !== undefined);
    if (device) return clear('a surge device', reader.fact(device.id, 'form'));
    const yes = said.find((fact) => fact.value);
    if (yes) return clear('surge protection', yes);
    const [no] = said;
    if (!no) return notSeen(want(place.ref, 'surgeThere', 'look for a surge device'));
    return found('absent', {}, [no, kind]);
  },
});
