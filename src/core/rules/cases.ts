import { cases as workingSpaceDepth } from './access/working-space-depth.cases';
import { cases as workingSpaceWidth } from './access/working-space-width.cases';
import { cases as headroom } from './access/headroom.cases';
import { cases as obstructed } from './access/obstructed.cases';
import { cases as forbiddenPlace } from './access/forbidden-place.cases';
import { cases as handleHeight } from './access/handle-height.cases';
import { cases as waterNear } from './access/water-near.cases';
import { cases as noLight } from './access/no-light.cases';
import { cases as occupantNoAccess } from './access/occupant-no-access.cases';
import { cases as wrongWeatherRating } from './enclosure/wrong-weather-rating.cases';
import { cases as openKnockout } from './enclosure/open-knockout.cases';
import { cases as deadFront } from './enclosure/dead-front.cases';
import { cases as wrongScrews } from './enclosure/wrong-screws.cases';
import { cases as scorchOnCover } from './enclosure/scorch-on-cover.cases';
import { cases as penetrated } from './enclosure/penetrated.cases';
import { cases as moistureCorrosion } from './enclosure/moisture-corrosion.cases';
import { cases as foreignMatter } from './enclosure/foreign-matter.cases';
import { cases as looseMounting } from './enclosure/loose-mounting.cases';
import { cases as notRefitted } from './enclosure/not-refitted.cases';
import { cases as liveMetal } from './enclosure/live-metal.cases';
import { cases as disturbed } from './enclosure/disturbed.cases';
import { cases as directory } from './labels/directory.cases';
import { cases as serviceDisconnectUnmarked } from './labels/service-disconnect-unmarked.cases';
import { cases as ratingLabelMissing } from './labels/rating-label-missing.cases';
import { cases as highLegUnmarked } from './labels/high-leg-unmarked.cases';
import { cases as conductorUndersized } from './service/conductor-undersized.cases';
import { cases as noWayToShutOff } from './service/no-way-to-shut-off.cases';
import { cases as splitBus } from './service/split-bus.cases';
import { cases as mainOverBus } from './service/main-over-bus.cases';
import { cases as interruptingRating } from './service/interrupting-rating.cases';
import { cases as aluminiumTermination } from './service/aluminium-termination.cases';
import { cases as burnedTermination } from './service/burned-termination.cases';
import { cases as brokenLug } from './service/broken-lug.cases';
import { cases as meterSocketBypassed } from './service/meter-socket-bypassed.cases';
import { cases as dropOrMast } from './service/drop-or-mast.cases';
import { cases as longInsideRun } from './service/long-inside-run.cases';
import { cases as secondSupply } from './service/second-supply.cases';
import { cases as emergencyDisconnectAbsent } from './service/emergency-disconnect-absent.cases';
import { cases as discoloured } from './bus/discoloured.cases';
import { cases as looseOnBus } from './bus/loose-on-bus.cases';
import { cases as twoSupplies } from './bus/two-supplies.cases';
import { cases as stabLimit } from './bus/stab-limit.cases';
import type { RuleCase } from '../testing/rule-cases';

/** The table of cases of each rule. */
export const casesByRule: ReadonlyMap<string, readonly RuleCase[]> = new Map([
  ['access/working-space-depth', workingSpaceDepth],
  ['access/working-space-width', workingSpaceWidth],
  ['access/headroom', headroom],
  ['access/obstructed', obstructed],
  ['access/forbidden-place', forbiddenPlace],
  ['access/handle-height', handleHeight],
  ['access/water-near', waterNear],
  ['access/no-light', noLight],
  ['access/occupant-no-access', occupantNoAccess],
  ['enclosure/wrong-weather-rating', wrongWeatherRating],
  ['enclosure/open-knockout', openKnockout],
  ['enclosure/dead-front', deadFront],
  ['enclosure/wrong-screws', wrongScrews],
  ['enclosure/scorch-on-cover', scorchOnCover],
  ['enclosure/penetrated', penetrated],
  ['enclosure/moisture-corrosion', moistureCorrosion],
  ['enclosure/foreign-matter', foreignMatter],
  ['enclosure/loose-mounting', looseMounting],
  ['enclosure/not-refitted', notRefitted],
  ['enclosure/live-metal', liveMetal],
  ['enclosure/disturbed', disturbed],
  ['labels/directory', directory],
  ['labels/service-disconnect-unmarked', serviceDisconnectUnmarked],
  ['labels/rating-label-missing', ratingLabelMissing],
  ['labels/high-leg-unmarked', highLegUnmarked],
  ['service/conductor-undersized', conductorUndersized],
  ['service/no-way-to-shut-off', noWayToShutOff],
  ['service/split-bus', splitBus],
  ['service/main-over-bus', mainOverBus],
  ['service/interrupting-rating', interruptingRating],
  ['service/aluminium-termination', aluminiumTermination],
  ['service/burned-termination', burnedTermination],
  ['service/broken-lug', brokenLug],
  ['service/meter-socket-bypassed', meterSocketBypassed],
  ['service/drop-or-mast', dropOrMast],
  ['service/long-inside-run', longInsideRun],
  ['service/second-supply', secondSupply],
  ['service/emergency-disconnect-absent', emergencyDisconnectAbsent],
  ['bus/discoloured', discoloured],
  ['bus/loose-on-bus', looseOnBus],
  ['bus/two-supplies', twoSupplies],
  ['bus/stab-limit', stabLimit],
]);
