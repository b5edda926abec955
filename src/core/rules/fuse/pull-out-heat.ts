import { clear, defineRule, found, notSeen, want } from '../rule';

/** 110.12(B): clips and blocks that were hot. */
export const pullOutHeat = defineRule({
  id: 'fuse/pull-out-heat',
  title: 'Pull-out or clips burned',
  stage: 6,
  hazards: ['fire', 'outage'],
  base: { severity: 4, likelihood: 4 },
  finds: 'A burned pull-out block or burned fuse clips.',
  example: 'A range pull-out whose blades are blue.',
  sources: [{ code: '110.12(B)', says: 'no damaged or burned parts' }],
  remedies: ['A new block, where it is still made', 'Replace the panel'],
  messages: {
    burned: {
      short: '{place}: burned',
      seen: 'Block or clips of {place} are burned.',
      why: 'The clips no longer grip: they burn further under the load of the whole range or house.',
      ask: 'The load taken off it, and the block or panel renewed.',
    },
  },
  places: ({ places, panel, site: { reader } }) =>
    places.allDevices.filter(
      ({ device }) =>
        device.stands === 'pull-out' ||
        (device.isMain &&
          (panel.kind === 'fuse' || reader.value(panel.id, 'mainKind') === 'pull-out')),
    ),
  check({ device }, { site: { reader } }) {
    const clips = reader.fact(device.id, 'clips');
    const melted = reader.fact(device.id, 'melted');
    const mark = reader.fact(device.id, 'heatMark');
    if (clips?.value === 'burned' || melted?.value || mark?.value)
      return found(
        'burned',
        {},
        [clips, melted, mark].filter((one) => one && one.value !== false),
      );
    if (!clips) return notSeen(want(device.id, 'clips', 'look at the blades and clips'));
    return clear('sound', clips);
  },
});
