import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.12(B): clips and blocks that were hot. */
export const pullOutHeat = defineRule({
  id: 'fuse/pull-out-heat',
  title: 'Pull-out or clips burned',
  stage: 6,
  hazards: ['fire', 'outage'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'A pull-out block or fuse clips discoloured by heat. Burned, melted or charred it is Danger now.',
  example: 'A range pull-out whose blades are blue.',
  sources: [{ code: '110.12(B)', says: 'no damaged or burned parts' }],
  remedies: ['new-block', 'replace-panel'],
  messages: {
    browned: {
      short: '{place}: discoloured by heat',
      seen: 'Block or clips of {place} are discoloured by heat.',
      why: 'These clips have been hot; as their spring weakens they grip less and heat more.',
      ask: 'The load measured, clips and block looked at by a licensed electrician, renewed where the spring is gone.',
    },
    burned: {
      short: '{place}: burned',
      seen: 'Block or clips of {place} are burned.',
      why: 'The clips no longer grip: they burn further under the load of the whole range or house.',
      ask: 'The load taken off it, and the block or panel renewed.',
    },
  },
  asks: 'fuse',
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
    const marks = [clips, melted, mark].filter((one) => one && one.value !== false);
    if (clips?.value === 'burned' || melted?.value)
      return found('burned', {}, marks, {
        base: { severity: 4, likelihood: 4, because: 'burned, melted or charred' },
        danger: 'burned, melted or charred',
      });
    if (clips?.value === 'browned' || mark?.value) return found('browned', {}, marks);
    if (!clips) return notSeen(want(device.id, 'clips', 'look at the blades and clips'));
    return clear('sound', clips);
  },
});
