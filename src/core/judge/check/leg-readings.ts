import type { LegVoltages } from '../../installation/panel/leg-voltages';
import { legVoltages } from '../../installation/panel/leg-voltages';
import { sumOrDifference } from '../../installation/panel/read-together';
import type { Outcome, Scene } from './rule';
import { doesNotApply, notSeen, want } from './rule';

export interface LegReadings extends LegVoltages {
  together: 'sum' | 'difference';
}

/** Readings of two 120 V legs that can be true together; else what a rule answers without them. */
export function legReadings({ site: { reader }, panel, yardstick }: Scene): LegReadings | Outcome {
  if (panel.systemRead && panel.system !== 'split-phase' && panel.system !== 'high-leg-delta')
    return doesNotApply('not a split-phase supply');
  const read = legVoltages(reader, panel);
  if (!read) return notSeen(want(panel.id, 'anV', 'measure both legs to neutral and across'));
  if (!panel.systemRead)
    return notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
  const together = sumOrDifference(read.a.value, read.b.value, read.across.value, yardstick);
  if (together === 'neither')
    return notSeen(want(panel.id, 'anV', 'read again: these figures cannot be true together'));
  return { ...read, together };
}
