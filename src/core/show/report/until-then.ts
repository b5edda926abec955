import type { RuleMeta } from '../../judge/check/rule';
import type { Hazard } from '../../vocabulary/severity';

/** What the people in a house do about a danger until it is made safe. Nobody is told to open or touch. */
const byHazard: Partial<Record<Hazard, string>> = {
  shock:
    'Until it is made safe: keep everyone, children first, away from it and from metal near it; nobody touches or opens it.',
  fire: 'Until it is made safe: leave what it feeds switched off where that can be done at the appliance, leave nothing on it running unattended or overnight, and have smoke alarms that work. At smoke, a burnt smell or crackling: leave, and call the fire service.',
  'arc flash': 'Until it is made safe: nobody operates, opens or stands in front of this panel.',
  damage: 'Until it is made safe: unplug what is dear or delicate.',
};

/** By hazard, unless the rule has its own. */
export const untilThenWords = ({ untilThen, hazards }: Pick<RuleMeta, 'untilThen' | 'hazards'>) =>
  untilThen ? [untilThen] : hazards.flatMap((hazard) => byHazard[hazard] ?? []);
