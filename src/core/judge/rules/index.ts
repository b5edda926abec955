import { groundContinuity } from './ground/continuity';
import { looseAtBreaker } from './breaker/loose';
import { looseAtService } from './service/loose';
import { looseGround } from './ground/loose';
import { rodShort } from './ground/rod-short';
import { workingSpaceDepth } from './access/working-space-depth';
import { workingSpaceWidth } from './access/working-space-width';
import { headroom } from './access/headroom';
import { obstructed } from './access/obstructed';
import { forbiddenPlace } from './access/forbidden-place';
import { handleHeight } from './access/handle-height';
import { waterNear } from './access/water-near';
import { noLight } from './access/no-light';
import { occupantNoAccess } from './access/occupant-no-access';
import { wrongWeatherRating } from './enclosure/wrong-weather-rating';
import { openKnockout } from './enclosure/open-knockout';
import { openPosition } from './enclosure/open-position';
import { deadFront } from './enclosure/dead-front';
import { wrongScrews } from './enclosure/wrong-screws';
import { scorchOnCover } from './enclosure/scorch-on-cover';
import { penetrated } from './enclosure/penetrated';
import { moistureCorrosion } from './enclosure/moisture-corrosion';
import { foreignMatter } from './enclosure/foreign-matter';
import { looseMounting } from './enclosure/loose-mounting';
import { notRefitted } from './enclosure/not-refitted';
import { liveMetal } from './enclosure/live-metal';
import { disturbed } from './enclosure/disturbed';
import { directory } from './labels/directory';
import { serviceDisconnectUnmarked } from './labels/service-disconnect-unmarked';
import { ratingLabelMissing } from './labels/rating-label-missing';
import { highLegUnmarked } from './labels/high-leg-unmarked';
import { conductorUndersized } from './service/conductor-undersized';
import { noWayToShutOff } from './service/no-way-to-shut-off';
import { splitBus } from './service/split-bus';
import { mainOverBus } from './service/main-over-bus';
import { interruptingRating } from './service/interrupting-rating';
import { aluminiumTermination } from './service/aluminium-termination';
import { burnedTermination } from './service/burned-termination';
import { brokenLug } from './service/broken-lug';
import { meterSocketBypassed } from './service/meter-socket-bypassed';
import { dropOrMast } from './service/drop-or-mast';
import { longInsideRun } from './service/long-inside-run';
import { secondSupply } from './service/second-supply';
import { emergencyDisconnectAbsent } from './service/emergency-disconnect-absent';
import { discoloured } from './bus/discoloured';
import { burnedPosition } from './bus/burned-position';
import { looseOnBus } from './bus/loose-on-bus';
import { twoSupplies } from './bus/two-supplies';
import { stabLimit } from './bus/stab-limit';
import { doubleTap } from './breaker/double-tap';
import { overcurrent } from './breaker/overcurrent';
import { outletRating } from './breaker/outlet-rating';
import { notForThisPanel } from './breaker/not-for-this-panel';
import { altered } from './breaker/altered';
import { hazardFamily } from './breaker/hazard-family';
import { worn } from './breaker/worn';
import { tandemNotAllowed } from './breaker/tandem-not-allowed';
import { improvisedTie } from './breaker/improvised-tie';
import { noCommonTrip } from './breaker/no-common-trip';
import { sharedNeutralSameLeg } from './breaker/shared-neutral-same-leg';
import { sharedNeutralNoCommonDisconnect } from './breaker/shared-neutral-no-common-disconnect';
import { electronicNeutral } from './breaker/electronic-neutral';
import { noOutput } from './breaker/no-output';
import { tripsOnClosing } from './breaker/trips-on-closing';
import { faultCode } from './breaker/fault-code';
import { backfedNotHeld } from './breaker/backfed-not-held';
import { voltageRating } from './breaker/voltage-rating';
import { testButton } from './breaker/test-button';
import { protectionExpected } from './breaker/protection-expected';
import { terminalFit } from './breaker/terminal-fit';
import { offOrTripped } from './breaker/off-or-tripped';
import { oddOneOut } from './breaker/odd-one-out';
import { burnedTerminal } from './breaker/burned-terminal';
import { bareEnd } from './conductor/bare-end';
import { whiteAsHot } from './conductor/white-as-hot';
import { greenAsHot } from './conductor/green-as-hot';
import { groundNotMarked } from './conductor/ground-not-marked';
import { exposedWiring } from './conductor/exposed-wiring';
import { damagedInsulation } from './conductor/damaged-insulation';
import { noClamp } from './conductor/no-clamp';
import { noBushing } from './conductor/no-bushing';
import { smallAluminium } from './conductor/small-aluminium';
import { porcelainWiring } from './conductor/porcelain-wiring';
import { addedCircuit } from './conductor/added-circuit';
import { manyIntoOne } from './conductor/many-into-one';
import { splice } from './conductor/splice';
import { crowding } from './conductor/crowding';
import { neutralUndersized } from './conductor/neutral-undersized';
import { wrongWiringMethod } from './conductor/wrong-wiring-method';
import { decayedJacket } from './conductor/decayed-jacket';
import { doubledNeutral } from './neutral/double';
import { looseNeutral } from './neutral/loose';
import { wrongBar } from './neutral/wrong-bar';
import { groundOnNeutralBar } from './neutral/ground-on-neutral-bar';
import { bondMissing } from './ground/bond-missing';
import { bondDownstream } from './ground/bond-downstream';
import { noFeederGround } from './ground/no-feeder-ground';
import { barNotBonded } from './ground/bar-not-bonded';
import { threeWireAppliance } from './ground/three-wire-appliance';
import { circuitUngrounded } from './ground/circuit-ungrounded';
import { undersizedGround } from './ground/undersized';
import { overfilledGround } from './ground/overfilled';
import { electrodeMissing } from './ground/electrode-missing';
import { electrodesNotJoined } from './ground/electrodes-not-joined';
import { separateBuildingElectrode } from './ground/separate-building-electrode';
import { clamp } from './ground/clamp';
import { singleRod } from './ground/single-rod';
import { waterPipeOnly } from './ground/water-pipe-only';
import { rodsTooClose } from './ground/rods-too-close';
import { waterNotBonded } from './ground/water-not-bonded';
import { gasNotBonded } from './ground/gas-not-bonded';
import { strayCurrent } from './ground/stray-current';
import { racewayNotBonded } from './ground/raceway-not-bonded';
import { communications } from './ground/communications';
import { voltageRange } from './reading/voltage-range';
import { lostNeutral } from './reading/lost-neutral';
import { deadLeg } from './reading/dead-leg';
import { arcing } from './reading/arcing';
import { suspectedBond } from './reading/suspected-bond';
import { hotPart } from './reading/hot-part';
import { torque } from './reading/torque';
import { notProvenDead } from './reading/not-proven-dead';
import { overfused } from './fuse/overfused';
import { insertTooBig } from './fuse/insert-too-big';
import { bypassed } from './fuse/bypassed';
import { interchangeableBase } from './fuse/interchangeable-base';
import { fusedNeutral } from './fuse/fused-neutral';
import { pullOutHeat } from './fuse/pull-out-heat';
import { circuitLoad } from './load/circuit';
import { section } from './load/section';
import { serviceLoad } from './load/service';
import { legBalance } from './load/leg-balance';
import { requiredCircuitShared } from './load/required-circuit-shared';
import { highLeg } from './load/high-leg';
import { commonArea } from './load/common-area';
import { receptacleUnprotected } from './around/receptacle-unprotected';
import { openBox } from './around/open-box';
import { applianceDisconnect } from './around/appliance-disconnect';
import { surgeAbsent } from './around/surge-absent';
import type { Rule } from '../check/rule';

/** Every rule, in the order they are examined. A retired id stays here as a comment and is never used again. */
export const rules: readonly Rule[] = [
  workingSpaceDepth,
  workingSpaceWidth,
  headroom,
  obstructed,
  forbiddenPlace,
  handleHeight,
  waterNear,
  noLight,
  occupantNoAccess,
  wrongWeatherRating,
  openKnockout,
  openPosition,
  deadFront,
  wrongScrews,
  scorchOnCover,
  penetrated,
  moistureCorrosion,
  foreignMatter,
  looseMounting,
  notRefitted,
  liveMetal,
  disturbed,
  directory,
  serviceDisconnectUnmarked,
  ratingLabelMissing,
  highLegUnmarked,
  conductorUndersized,
  noWayToShutOff,
  splitBus,
  mainOverBus,
  interruptingRating,
  aluminiumTermination,
  burnedTermination,
  brokenLug,
  looseAtService,
  meterSocketBypassed,
  dropOrMast,
  longInsideRun,
  secondSupply,
  emergencyDisconnectAbsent,
  discoloured,
  burnedPosition,
  looseOnBus,
  twoSupplies,
  stabLimit,
  doubleTap,
  overcurrent,
  outletRating,
  notForThisPanel,
  altered,
  hazardFamily,
  worn,
  tandemNotAllowed,
  improvisedTie,
  noCommonTrip,
  sharedNeutralSameLeg,
  sharedNeutralNoCommonDisconnect,
  electronicNeutral,
  noOutput,
  tripsOnClosing,
  faultCode,
  backfedNotHeld,
  voltageRating,
  testButton,
  protectionExpected,
  terminalFit,
  looseAtBreaker,
  offOrTripped,
  oddOneOut,
  burnedTerminal,
  bareEnd,
  whiteAsHot,
  greenAsHot,
  groundNotMarked,
  exposedWiring,
  damagedInsulation,
  noClamp,
  noBushing,
  smallAluminium,
  porcelainWiring,
  addedCircuit,
  manyIntoOne,
  splice,
  crowding,
  neutralUndersized,
  wrongWiringMethod,
  decayedJacket,
  doubledNeutral,
  looseNeutral,
  wrongBar,
  groundOnNeutralBar,
  bondMissing,
  bondDownstream,
  noFeederGround,
  barNotBonded,
  threeWireAppliance,
  circuitUngrounded,
  undersizedGround,
  overfilledGround,
  electrodeMissing,
  electrodesNotJoined,
  separateBuildingElectrode,
  clamp,
  singleRod,
  waterPipeOnly,
  rodsTooClose,
  rodShort,
  waterNotBonded,
  gasNotBonded,
  strayCurrent,
  racewayNotBonded,
  communications,
  looseGround,
  groundContinuity,
  voltageRange,
  lostNeutral,
  deadLeg,
  arcing,
  suspectedBond,
  hotPart,
  torque,
  notProvenDead,
  overfused,
  insertTooBig,
  bypassed,
  interchangeableBase,
  fusedNeutral,
  pullOutHeat,
  circuitLoad,
  section,
  serviceLoad,
  legBalance,
  requiredCircuitShared,
  highLeg,
  commonArea,
  receptacleUnprotected,
  openBox,
  applianceDisconnect,
  surgeAbsent,
];

export const ruleById: ReadonlyMap<string, Rule> = new Map(rules.map((rule) => [rule.id, rule]));
