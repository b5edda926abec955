import TestSequencer from '@jest/test-sequencer';

/** Begun last they would leave one worker idle while the other ends them. */
const long = [
  'follow-steps.test',
  'kill.test',
  'isolation.test',
  'same-text.test',
  'issue.test',
  'issued-before.test',
  'changed-devices.property.test',
  'walk.test',
  'plans.test',
  'plan.test',
  'follow.test',
  'front.test',
  'doors.test',
  'supply.test',
];

const rank = ({ path }) => {
  const at = long.findIndex((name) => path.includes(`/${name}`));
  return at < 0 ? long.length : at;
};

/** Long tests first, the others as they would be. */
export default class LongFirst extends TestSequencer {
  sort(tests) {
    return [...super.sort(tests)].sort((a, b) => rank(a) - rank(b));
  }
}
