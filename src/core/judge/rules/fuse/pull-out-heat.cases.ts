import type { Given, RuleCase } from '../../../testing/rule-cases';

const direct = (clips?: 'sound' | 'browned' | 'burned'): Given => ({
  panel: { panelKind: 'fuse' },
  things: [
    [
      'device',
      'po',
      'panel',
      { place: { kind: 'pull-out', number: 1 }, form: 'pull-out', ...(clips && { clips }) },
    ],
  ],
});

export const cases: readonly RuleCase[] = [
  ['burned', direct('burned'), 'found: burned'],
  ['browned', direct('browned'), 'found: browned'],
  ['sound', direct('sound'), 'clear'],
  ['never looked', direct(), 'not-seen'],
];
