import type { Fact } from '../../record/entries/inspection';
import { nmOf, torqueOnLabel, torqueText } from '../../installation/panel/torque';
import type { Scene } from './rule';

/** Torque under this share of the label's figure is no joint. */
export const slackShare = 0.5;

export interface Slack {
  how: string;
  facts: (Fact | undefined)[];
}

/** What tells that a screw or what it holds is loose: it moves at a touch, or its torque is under half the label. */
export function slackAt(
  screw: string,
  held: readonly string[],
  { site: { reader }, panel }: Scene,
): Slack | undefined {
  for (const about of [screw, ...held]) {
    const tightness = reader.fact(about, 'tightness');
    if (tightness && tightness.value !== 'firm')
      return {
        how: tightness.value === 'falls-off' ? 'falls off when touched' : 'moves at a touch',
        facts: [tightness as Fact],
      };
  }
  const measured = reader.fact(screw, 'torqueNm');
  const label = measured && torqueOnLabel(screw, panel, reader);
  if (measured && label && nmOf(measured.value) < slackShare * nmOf(label.value))
    return {
      how: `holds ${torqueText(measured.value)}, the label asks for ${torqueText(label.value)}`,
      facts: [measured as Fact, label as Fact],
    };
  return undefined;
}
