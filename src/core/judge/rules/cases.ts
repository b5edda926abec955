// Made by `npm run rules` from the rules' own files. Do not edit.
import type { RuleCase } from '../../testing/rule-cases';
import type { RuleId } from '../../vocabulary/rule-id';
import { cases as liveMetal } from './enclosure/live-metal.cases';
import { cases as arcing } from './reading/arcing.cases';
import { cases as meterSocketBypassed } from './service/meter-socket-bypassed.cases';
import { cases as applianceDisconnect } from './around/appliance-disconnect.cases';
import { cases as flexibleRun } from './around/flexible-run.cases';
import { cases as openBox } from './around/open-box.cases';
import { cases as receptacleUnprotected } from './around/receptacle-unprotected.cases';
import { cases as exposedWiring } from './conductor/exposed-wiring.cases';
import { cases as splice } from './conductor/splice.cases';
import { cases as penetrated } from './enclosure/penetrated.cases';
import { cases as wrongWeatherRating } from './enclosure/wrong-weather-rating.cases';
import { cases as clamp } from './ground/clamp.cases';
import { cases as communications } from './ground/communications.cases';
import { cases as electrodeMissing } from './ground/electrode-missing.cases';
import { cases as electrodesNotJoined } from './ground/electrodes-not-joined.cases';
import { cases as gasNotBonded } from './ground/gas-not-bonded.cases';
import { cases as rodShort } from './ground/rod-short.cases';
import { cases as rodsTooClose } from './ground/rods-too-close.cases';
import { cases as separateBuildingElectrode } from './ground/separate-building-electrode.cases';
import { cases as singleRod } from './ground/single-rod.cases';
import { cases as waterNotBonded } from './ground/water-not-bonded.cases';
import { cases as waterPipeOnly } from './ground/water-pipe-only.cases';
import { cases as disconnectsApart } from './service/disconnects-apart.cases';
import { cases as dropOrMast } from './service/drop-or-mast.cases';
import { cases as emergencyDisconnectAbsent } from './service/emergency-disconnect-absent.cases';
import { cases as generatorInlet } from './service/generator-inlet.cases';
import { cases as longInsideRun } from './service/long-inside-run.cases';
import { cases as meterLug } from './service/meter-lug.cases';
import { cases as overheadReach } from './service/overhead-reach.cases';
import { cases as secondSupply } from './service/second-supply.cases';
import { cases as solar } from './service/solar.cases';
import { cases as forbiddenPlace } from './access/forbidden-place.cases';
import { cases as handleHeight } from './access/handle-height.cases';
import { cases as headroom } from './access/headroom.cases';
import { cases as noLight } from './access/no-light.cases';
import { cases as obstructed } from './access/obstructed.cases';
import { cases as occupantNoAccess } from './access/occupant-no-access.cases';
import { cases as waterNear } from './access/water-near.cases';
import { cases as workingSpaceDepth } from './access/working-space-depth.cases';
import { cases as workingSpaceWidth } from './access/working-space-width.cases';
import { cases as looseMounting } from './enclosure/loose-mounting.cases';
import { cases as hazardFamily } from './breaker/hazard-family.cases';
import { cases as disturbed } from './enclosure/disturbed.cases';
import { cases as directory } from './labels/directory.cases';
import { cases as highLegUnmarked } from './labels/high-leg-unmarked.cases';
import { cases as ratingLabelMissing } from './labels/rating-label-missing.cases';
import { cases as marks } from './service/marks.cases';
import { cases as altered } from './breaker/altered.cases';
import { cases as faultCode } from './breaker/fault-code.cases';
import { cases as handleWrongWay } from './breaker/handle-wrong-way.cases';
import { cases as improvisedTie } from './breaker/improvised-tie.cases';
import { cases as oddOneOut } from './breaker/odd-one-out.cases';
import { cases as offOrTripped } from './breaker/off-or-tripped.cases';
import { cases as recalled } from './breaker/recalled.cases';
import { cases as tripsOnClosing } from './breaker/trips-on-closing.cases';
import { cases as worn } from './breaker/worn.cases';
import { cases as stabLimit } from './bus/stab-limit.cases';
import { cases as twoSupplies } from './bus/two-supplies.cases';
import { cases as openPosition } from './enclosure/open-position.cases';
import { cases as tapeClosed } from './enclosure/tape-closed.cases';
import { cases as bypassed } from './fuse/bypassed.cases';
import { cases as pullOutHeat } from './fuse/pull-out-heat.cases';
import { cases as serviceDisconnectUnmarked } from './labels/service-disconnect-unmarked.cases';
import { cases as interruptingRating } from './service/interrupting-rating.cases';
import { cases as mainOverBus } from './service/main-over-bus.cases';
import { cases as noWayToShutOff } from './service/no-way-to-shut-off.cases';
import { cases as splitBus } from './service/split-bus.cases';
import { cases as deadFront } from './enclosure/dead-front.cases';
import { cases as openKnockout } from './enclosure/open-knockout.cases';
import { cases as scorchOnCover } from './enclosure/scorch-on-cover.cases';
import { cases as wallAround } from './enclosure/wall-around.cases';
import { cases as wrongScrews } from './enclosure/wrong-screws.cases';
import { cases as surgeAbsent } from './around/surge-absent.cases';
import { cases as backfedNotHeld } from './breaker/backfed-not-held.cases';
import { cases as burnedTerminal } from './breaker/burned-terminal.cases';
import { cases as doubleTap } from './breaker/double-tap.cases';
import { cases as electronicNeutral } from './breaker/electronic-neutral.cases';
import { cases as electronicOnSharedNeutral } from './breaker/electronic-on-shared-neutral.cases';
import { cases as looseAtBreaker } from './breaker/loose.cases';
import { cases as noCommonTrip } from './breaker/no-common-trip.cases';
import { cases as notForThisPanel } from './breaker/not-for-this-panel.cases';
import { cases as overcurrent } from './breaker/overcurrent.cases';
import { cases as sharedNeutralNoCommonDisconnect } from './breaker/shared-neutral-no-common-disconnect.cases';
import { cases as sharedNeutralSameLeg } from './breaker/shared-neutral-same-leg.cases';
import { cases as tandemNotAllowed } from './breaker/tandem-not-allowed.cases';
import { cases as terminalFit } from './breaker/terminal-fit.cases';
import { cases as voltageRating } from './breaker/voltage-rating.cases';
import { cases as burnedPosition } from './bus/burned-position.cases';
import { cases as discoloured } from './bus/discoloured.cases';
import { cases as feederTap } from './bus/feeder-tap.cases';
import { cases as looseOnBus } from './bus/loose-on-bus.cases';
import { cases as oneLegFeed } from './bus/one-leg-feed.cases';
import { cases as parallelSets } from './bus/parallel-sets.cases';
import { cases as addedCircuit } from './conductor/added-circuit.cases';
import { cases as aluminiumAtBreaker } from './conductor/aluminium-at-breaker.cases';
import { cases as bareEnd } from './conductor/bare-end.cases';
import { cases as crowding } from './conductor/crowding.cases';
import { cases as damagedInsulation } from './conductor/damaged-insulation.cases';
import { cases as decayedJacket } from './conductor/decayed-jacket.cases';
import { cases as greenAsHot } from './conductor/green-as-hot.cases';
import { cases as neutralUndersized } from './conductor/neutral-undersized.cases';
import { cases as noBushing } from './conductor/no-bushing.cases';
import { cases as noClamp } from './conductor/no-clamp.cases';
import { cases as panelSplice } from './conductor/panel-splice.cases';
import { cases as phaseColours } from './conductor/phase-colours.cases';
import { cases as porcelainWiring } from './conductor/porcelain-wiring.cases';
import { cases as sheath } from './conductor/sheath.cases';
import { cases as smallAluminium } from './conductor/small-aluminium.cases';
import { cases as whiteAsHot } from './conductor/white-as-hot.cases';
import { cases as wrongWiringMethod } from './conductor/wrong-wiring-method.cases';
import { cases as foreignMatter } from './enclosure/foreign-matter.cases';
import { cases as moistureCorrosion } from './enclosure/moisture-corrosion.cases';
import { cases as fusedNeutral } from './fuse/fused-neutral.cases';
import { cases as insertTooBig } from './fuse/insert-too-big.cases';
import { cases as interchangeableBase } from './fuse/interchangeable-base.cases';
import { cases as overfused } from './fuse/overfused.cases';
import { cases as highLeg } from './load/high-leg.cases';
import { cases as aluminiumTermination } from './service/aluminium-termination.cases';
import { cases as brokenLug } from './service/broken-lug.cases';
import { cases as burnedTermination } from './service/burned-termination.cases';
import { cases as conductorUndersized } from './service/conductor-undersized.cases';
import { cases as doubleLug } from './service/double-lug.cases';
import { cases as looseAtService } from './service/loose.cases';
import { cases as tapBeforeMain } from './service/tap-before-main.cases';
import { cases as groundNotMarked } from './conductor/ground-not-marked.cases';
import { cases as barNotBonded } from './ground/bar-not-bonded.cases';
import { cases as barScrew } from './ground/bar-screw.cases';
import { cases as bondDownstream } from './ground/bond-downstream.cases';
import { cases as bondMissing } from './ground/bond-missing.cases';
import { cases as jumperSize } from './ground/jumper-size.cases';
import { cases as looseGround } from './ground/loose.cases';
import { cases as noFeederGround } from './ground/no-feeder-ground.cases';
import { cases as overfilledGround } from './ground/overfilled.cases';
import { cases as racewayNotBonded } from './ground/raceway-not-bonded.cases';
import { cases as undersizedGround } from './ground/undersized.cases';
import { cases as doubledNeutral } from './neutral/double.cases';
import { cases as groundOnNeutralBar } from './neutral/ground-on-neutral-bar.cases';
import { cases as looseNeutral } from './neutral/loose.cases';
import { cases as throughGroundBar } from './neutral/through-ground-bar.cases';
import { cases as wrongBar } from './neutral/wrong-bar.cases';
import { cases as neutralNotLifted } from './service/neutral-not-lifted.cases';
import { cases as noOutput } from './breaker/no-output.cases';
import { cases as testButton } from './breaker/test-button.cases';
import { cases as groundContinuity } from './ground/continuity.cases';
import { cases as strayCurrent } from './ground/stray-current.cases';
import { cases as circuitLoad } from './load/circuit.cases';
import { cases as legBalance } from './load/leg-balance.cases';
import { cases as section } from './load/section.cases';
import { cases as serviceLoad } from './load/service.cases';
import { cases as deadLeg } from './reading/dead-leg.cases';
import { cases as hotPart } from './reading/hot-part.cases';
import { cases as lostNeutral } from './reading/lost-neutral.cases';
import { cases as notProvenDead } from './reading/not-proven-dead.cases';
import { cases as suspectedBond } from './reading/suspected-bond.cases';
import { cases as torque } from './reading/torque.cases';
import { cases as voltageRange } from './reading/voltage-range.cases';
import { cases as outletRating } from './breaker/outlet-rating.cases';
import { cases as protectionExpected } from './breaker/protection-expected.cases';
import { cases as manyIntoOne } from './conductor/many-into-one.cases';
import { cases as circuitUngrounded } from './ground/circuit-ungrounded.cases';
import { cases as threeWireAppliance } from './ground/three-wire-appliance.cases';
import { cases as commonArea } from './load/common-area.cases';
import { cases as pool } from './load/pool.cases';
import { cases as requiredCircuitShared } from './load/required-circuit-shared.cases';
import { cases as vehicleCharger } from './load/vehicle-charger.cases';
import { cases as notRefitted } from './enclosure/not-refitted.cases';

export const casesByRule: ReadonlyMap<RuleId, readonly RuleCase[]> = new Map<
  RuleId,
  readonly RuleCase[]
>([
  ['enclosure/live-metal', liveMetal],
  ['reading/arcing', arcing],
  ['service/meter-socket-bypassed', meterSocketBypassed],
  ['around/appliance-disconnect', applianceDisconnect],
  ['around/flexible-run', flexibleRun],
  ['around/open-box', openBox],
  ['around/receptacle-unprotected', receptacleUnprotected],
  ['conductor/exposed-wiring', exposedWiring],
  ['conductor/splice', splice],
  ['enclosure/penetrated', penetrated],
  ['enclosure/wrong-weather-rating', wrongWeatherRating],
  ['ground/clamp', clamp],
  ['ground/communications', communications],
  ['ground/electrode-missing', electrodeMissing],
  ['ground/electrodes-not-joined', electrodesNotJoined],
  ['ground/gas-not-bonded', gasNotBonded],
  ['ground/rod-short', rodShort],
  ['ground/rods-too-close', rodsTooClose],
  ['ground/separate-building-electrode', separateBuildingElectrode],
  ['ground/single-rod', singleRod],
  ['ground/water-not-bonded', waterNotBonded],
  ['ground/water-pipe-only', waterPipeOnly],
  ['service/disconnects-apart', disconnectsApart],
  ['service/drop-or-mast', dropOrMast],
  ['service/emergency-disconnect-absent', emergencyDisconnectAbsent],
  ['service/generator-inlet', generatorInlet],
  ['service/long-inside-run', longInsideRun],
  ['service/meter-lug', meterLug],
  ['service/overhead-reach', overheadReach],
  ['service/second-supply', secondSupply],
  ['service/solar', solar],
  ['access/forbidden-place', forbiddenPlace],
  ['access/handle-height', handleHeight],
  ['access/headroom', headroom],
  ['access/no-light', noLight],
  ['access/obstructed', obstructed],
  ['access/occupant-no-access', occupantNoAccess],
  ['access/water-near', waterNear],
  ['access/working-space-depth', workingSpaceDepth],
  ['access/working-space-width', workingSpaceWidth],
  ['enclosure/loose-mounting', looseMounting],
  ['breaker/hazard-family', hazardFamily],
  ['enclosure/disturbed', disturbed],
  ['labels/directory', directory],
  ['labels/high-leg-unmarked', highLegUnmarked],
  ['labels/rating-label-missing', ratingLabelMissing],
  ['service/marks', marks],
  ['breaker/altered', altered],
  ['breaker/fault-code', faultCode],
  ['breaker/handle-wrong-way', handleWrongWay],
  ['breaker/improvised-tie', improvisedTie],
  ['breaker/odd-one-out', oddOneOut],
  ['breaker/off-or-tripped', offOrTripped],
  ['breaker/recalled', recalled],
  ['breaker/trips-on-closing', tripsOnClosing],
  ['breaker/worn', worn],
  ['bus/stab-limit', stabLimit],
  ['bus/two-supplies', twoSupplies],
  ['enclosure/open-position', openPosition],
  ['enclosure/tape-closed', tapeClosed],
  ['fuse/bypassed', bypassed],
  ['fuse/pull-out-heat', pullOutHeat],
  ['labels/service-disconnect-unmarked', serviceDisconnectUnmarked],
  ['service/interrupting-rating', interruptingRating],
  ['service/main-over-bus', mainOverBus],
  ['service/no-way-to-shut-off', noWayToShutOff],
  ['service/split-bus', splitBus],
  ['enclosure/dead-front', deadFront],
  ['enclosure/open-knockout', openKnockout],
  ['enclosure/scorch-on-cover', scorchOnCover],
  ['enclosure/wall-around', wallAround],
  ['enclosure/wrong-screws', wrongScrews],
  ['around/surge-absent', surgeAbsent],
  ['breaker/backfed-not-held', backfedNotHeld],
  ['breaker/burned-terminal', burnedTerminal],
  ['breaker/double-tap', doubleTap],
  ['breaker/electronic-neutral', electronicNeutral],
  ['breaker/electronic-on-shared-neutral', electronicOnSharedNeutral],
  ['breaker/loose', looseAtBreaker],
  ['breaker/no-common-trip', noCommonTrip],
  ['breaker/not-for-this-panel', notForThisPanel],
  ['breaker/overcurrent', overcurrent],
  ['breaker/shared-neutral-no-common-disconnect', sharedNeutralNoCommonDisconnect],
  ['breaker/shared-neutral-same-leg', sharedNeutralSameLeg],
  ['breaker/tandem-not-allowed', tandemNotAllowed],
  ['breaker/terminal-fit', terminalFit],
  ['breaker/voltage-rating', voltageRating],
  ['bus/burned-position', burnedPosition],
  ['bus/discoloured', discoloured],
  ['bus/feeder-tap', feederTap],
  ['bus/loose-on-bus', looseOnBus],
  ['bus/one-leg-feed', oneLegFeed],
  ['bus/parallel-sets', parallelSets],
  ['conductor/added-circuit', addedCircuit],
  ['conductor/aluminium-at-breaker', aluminiumAtBreaker],
  ['conductor/bare-end', bareEnd],
  ['conductor/crowding', crowding],
  ['conductor/damaged-insulation', damagedInsulation],
  ['conductor/decayed-jacket', decayedJacket],
  ['conductor/green-as-hot', greenAsHot],
  ['conductor/neutral-undersized', neutralUndersized],
  ['conductor/no-bushing', noBushing],
  ['conductor/no-clamp', noClamp],
  ['conductor/panel-splice', panelSplice],
  ['conductor/phase-colours', phaseColours],
  ['conductor/porcelain-wiring', porcelainWiring],
  ['conductor/sheath', sheath],
  ['conductor/small-aluminium', smallAluminium],
  ['conductor/white-as-hot', whiteAsHot],
  ['conductor/wrong-wiring-method', wrongWiringMethod],
  ['enclosure/foreign-matter', foreignMatter],
  ['enclosure/moisture-corrosion', moistureCorrosion],
  ['fuse/fused-neutral', fusedNeutral],
  ['fuse/insert-too-big', insertTooBig],
  ['fuse/interchangeable-base', interchangeableBase],
  ['fuse/overfused', overfused],
  ['load/high-leg', highLeg],
  ['service/aluminium-termination', aluminiumTermination],
  ['service/broken-lug', brokenLug],
  ['service/burned-termination', burnedTermination],
  ['service/conductor-undersized', conductorUndersized],
  ['service/double-lug', doubleLug],
  ['service/loose', looseAtService],
  ['service/tap-before-main', tapBeforeMain],
  ['conductor/ground-not-marked', groundNotMarked],
  ['ground/bar-not-bonded', barNotBonded],
  ['ground/bar-screw', barScrew],
  ['ground/bond-downstream', bondDownstream],
  ['ground/bond-missing', bondMissing],
  ['ground/jumper-size', jumperSize],
  ['ground/loose', looseGround],
  ['ground/no-feeder-ground', noFeederGround],
  ['ground/overfilled', overfilledGround],
  ['ground/raceway-not-bonded', racewayNotBonded],
  ['ground/undersized', undersizedGround],
  ['neutral/double', doubledNeutral],
  ['neutral/ground-on-neutral-bar', groundOnNeutralBar],
  ['neutral/loose', looseNeutral],
  ['neutral/through-ground-bar', throughGroundBar],
  ['neutral/wrong-bar', wrongBar],
  ['service/neutral-not-lifted', neutralNotLifted],
  ['breaker/no-output', noOutput],
  ['breaker/test-button', testButton],
  ['ground/continuity', groundContinuity],
  ['ground/stray-current', strayCurrent],
  ['load/circuit', circuitLoad],
  ['load/leg-balance', legBalance],
  ['load/section', section],
  ['load/service', serviceLoad],
  ['reading/dead-leg', deadLeg],
  ['reading/hot-part', hotPart],
  ['reading/lost-neutral', lostNeutral],
  ['reading/not-proven-dead', notProvenDead],
  ['reading/suspected-bond', suspectedBond],
  ['reading/torque', torque],
  ['reading/voltage-range', voltageRange],
  ['breaker/outlet-rating', outletRating],
  ['breaker/protection-expected', protectionExpected],
  ['conductor/many-into-one', manyIntoOne],
  ['ground/circuit-ungrounded', circuitUngrounded],
  ['ground/three-wire-appliance', threeWireAppliance],
  ['load/common-area', commonArea],
  ['load/pool', pool],
  ['load/required-circuit-shared', requiredCircuitShared],
  ['load/vehicle-charger', vehicleCharger],
  ['enclosure/not-refitted', notRefitted],
]);
