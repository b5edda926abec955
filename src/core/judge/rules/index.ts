// Made by `npm run rules` from the rules' own files. Do not edit.
import type { Rule } from '../check/rule';
import { liveMetal } from './enclosure/live-metal';
import { arcing } from './reading/arcing';
import { meterSocketBypassed } from './service/meter-socket-bypassed';
import { applianceDisconnect } from './around/appliance-disconnect';
import { flexibleRun } from './around/flexible-run';
import { openBox } from './around/open-box';
import { receptacleUnprotected } from './around/receptacle-unprotected';
import { exposedWiring } from './conductor/exposed-wiring';
import { splice } from './conductor/splice';
import { penetrated } from './enclosure/penetrated';
import { wrongWeatherRating } from './enclosure/wrong-weather-rating';
import { clamp } from './ground/clamp';
import { communications } from './ground/communications';
import { electrodeMissing } from './ground/electrode-missing';
import { electrodesNotJoined } from './ground/electrodes-not-joined';
import { gasNotBonded } from './ground/gas-not-bonded';
import { rodShort } from './ground/rod-short';
import { rodsTooClose } from './ground/rods-too-close';
import { separateBuildingElectrode } from './ground/separate-building-electrode';
import { singleRod } from './ground/single-rod';
import { waterNotBonded } from './ground/water-not-bonded';
import { waterPipeOnly } from './ground/water-pipe-only';
import { disconnectsApart } from './service/disconnects-apart';
import { dropOrMast } from './service/drop-or-mast';
import { emergencyDisconnectAbsent } from './service/emergency-disconnect-absent';
import { generatorInlet } from './service/generator-inlet';
import { longInsideRun } from './service/long-inside-run';
import { meterLug } from './service/meter-lug';
import { overheadReach } from './service/overhead-reach';
import { secondSupply } from './service/second-supply';
import { solar } from './service/solar';
import { forbiddenPlace } from './access/forbidden-place';
import { handleHeight } from './access/handle-height';
import { headroom } from './access/headroom';
import { noLight } from './access/no-light';
import { obstructed } from './access/obstructed';
import { occupantNoAccess } from './access/occupant-no-access';
import { waterNear } from './access/water-near';
import { workingSpaceDepth } from './access/working-space-depth';
import { workingSpaceWidth } from './access/working-space-width';
import { looseMounting } from './enclosure/loose-mounting';
import { hazardFamily } from './breaker/hazard-family';
import { disturbed } from './enclosure/disturbed';
import { directory } from './labels/directory';
import { highLegUnmarked } from './labels/high-leg-unmarked';
import { ratingLabelMissing } from './labels/rating-label-missing';
import { marks } from './service/marks';
import { altered } from './breaker/altered';
import { faultCode } from './breaker/fault-code';
import { handleWrongWay } from './breaker/handle-wrong-way';
import { improvisedTie } from './breaker/improvised-tie';
import { oddOneOut } from './breaker/odd-one-out';
import { offOrTripped } from './breaker/off-or-tripped';
import { recalled } from './breaker/recalled';
import { tripsOnClosing } from './breaker/trips-on-closing';
import { worn } from './breaker/worn';
import { stabLimit } from './bus/stab-limit';
import { twoSupplies } from './bus/two-supplies';
import { openPosition } from './enclosure/open-position';
import { tapeClosed } from './enclosure/tape-closed';
import { bypassed } from './fuse/bypassed';
import { pullOutHeat } from './fuse/pull-out-heat';
import { serviceDisconnectUnmarked } from './labels/service-disconnect-unmarked';
import { interruptingRating } from './service/interrupting-rating';
import { mainOverBus } from './service/main-over-bus';
import { noWayToShutOff } from './service/no-way-to-shut-off';
import { splitBus } from './service/split-bus';
import { deadFront } from './enclosure/dead-front';
import { openKnockout } from './enclosure/open-knockout';
import { scorchOnCover } from './enclosure/scorch-on-cover';
import { wallAround } from './enclosure/wall-around';
import { wrongScrews } from './enclosure/wrong-screws';
import { surgeAbsent } from './around/surge-absent';
import { backfedNotHeld } from './breaker/backfed-not-held';
import { burnedTerminal } from './breaker/burned-terminal';
import { doubleTap } from './breaker/double-tap';
import { electronicNeutral } from './breaker/electronic-neutral';
import { electronicOnSharedNeutral } from './breaker/electronic-on-shared-neutral';
import { looseAtBreaker } from './breaker/loose';
import { noCommonTrip } from './breaker/no-common-trip';
import { notForThisPanel } from './breaker/not-for-this-panel';
import { overcurrent } from './breaker/overcurrent';
import { sharedNeutralNoCommonDisconnect } from './breaker/shared-neutral-no-common-disconnect';
import { sharedNeutralSameLeg } from './breaker/shared-neutral-same-leg';
import { tandemNotAllowed } from './breaker/tandem-not-allowed';
import { terminalFit } from './breaker/terminal-fit';
import { voltageRating } from './breaker/voltage-rating';
import { burnedPosition } from './bus/burned-position';
import { discoloured } from './bus/discoloured';
import { feederTap } from './bus/feeder-tap';
import { looseOnBus } from './bus/loose-on-bus';
import { oneLegFeed } from './bus/one-leg-feed';
import { parallelSets } from './bus/parallel-sets';
import { addedCircuit } from './conductor/added-circuit';
import { aluminiumAtBreaker } from './conductor/aluminium-at-breaker';
import { bareEnd } from './conductor/bare-end';
import { crowding } from './conductor/crowding';
import { damagedInsulation } from './conductor/damaged-insulation';
import { decayedJacket } from './conductor/decayed-jacket';
import { greenAsHot } from './conductor/green-as-hot';
import { neutralUndersized } from './conductor/neutral-undersized';
import { noBushing } from './conductor/no-bushing';
import { noClamp } from './conductor/no-clamp';
import { panelSplice } from './conductor/panel-splice';
import { phaseColours } from './conductor/phase-colours';
import { porcelainWiring } from './conductor/porcelain-wiring';
import { sheath } from './conductor/sheath';
import { smallAluminium } from './conductor/small-aluminium';
import { whiteAsHot } from './conductor/white-as-hot';
import { wrongWiringMethod } from './conductor/wrong-wiring-method';
import { foreignMatter } from './enclosure/foreign-matter';
import { moistureCorrosion } from './enclosure/moisture-corrosion';
import { fusedNeutral } from './fuse/fused-neutral';
import { insertTooBig } from './fuse/insert-too-big';
import { interchangeableBase } from './fuse/interchangeable-base';
import { overfused } from './fuse/overfused';
import { highLeg } from './load/high-leg';
import { aluminiumTermination } from './service/aluminium-termination';
import { brokenLug } from './service/broken-lug';
import { burnedTermination } from './service/burned-termination';
import { conductorUndersized } from './service/conductor-undersized';
import { doubleLug } from './service/double-lug';
import { looseAtService } from './service/loose';
import { tapBeforeMain } from './service/tap-before-main';
import { groundNotMarked } from './conductor/ground-not-marked';
import { barNotBonded } from './ground/bar-not-bonded';
import { barScrew } from './ground/bar-screw';
import { bondDownstream } from './ground/bond-downstream';
import { bondMissing } from './ground/bond-missing';
import { jumperSize } from './ground/jumper-size';
import { looseGround } from './ground/loose';
import { noFeederGround } from './ground/no-feeder-ground';
import { overfilledGround } from './ground/overfilled';
import { racewayNotBonded } from './ground/raceway-not-bonded';
import { undersizedGround } from './ground/undersized';
import { doubledNeutral } from './neutral/double';
import { groundOnNeutralBar } from './neutral/ground-on-neutral-bar';
import { looseNeutral } from './neutral/loose';
import { throughGroundBar } from './neutral/through-ground-bar';
import { wrongBar } from './neutral/wrong-bar';
import { neutralNotLifted } from './service/neutral-not-lifted';
import { noOutput } from './breaker/no-output';
import { testButton } from './breaker/test-button';
import { groundContinuity } from './ground/continuity';
import { strayCurrent } from './ground/stray-current';
import { circuitLoad } from './load/circuit';
import { legBalance } from './load/leg-balance';
import { section } from './load/section';
import { serviceLoad } from './load/service';
import { deadLeg } from './reading/dead-leg';
import { hotPart } from './reading/hot-part';
import { lostNeutral } from './reading/lost-neutral';
import { notProvenDead } from './reading/not-proven-dead';
import { suspectedBond } from './reading/suspected-bond';
import { torque } from './reading/torque';
import { voltageRange } from './reading/voltage-range';
import { outletRating } from './breaker/outlet-rating';
import { protectionExpected } from './breaker/protection-expected';
import { manyIntoOne } from './conductor/many-into-one';
import { circuitUngrounded } from './ground/circuit-ungrounded';
import { threeWireAppliance } from './ground/three-wire-appliance';
import { commonArea } from './load/common-area';
import { pool } from './load/pool';
import { requiredCircuitShared } from './load/required-circuit-shared';
import { vehicleCharger } from './load/vehicle-charger';
import { notRefitted } from './enclosure/not-refitted';

export const rules: readonly Rule[] = [
  liveMetal,
  arcing,
  meterSocketBypassed,
  applianceDisconnect,
  flexibleRun,
  openBox,
  receptacleUnprotected,
  exposedWiring,
  splice,
  penetrated,
  wrongWeatherRating,
  clamp,
  communications,
  electrodeMissing,
  electrodesNotJoined,
  gasNotBonded,
  rodShort,
  rodsTooClose,
  separateBuildingElectrode,
  singleRod,
  waterNotBonded,
  waterPipeOnly,
  disconnectsApart,
  dropOrMast,
  emergencyDisconnectAbsent,
  generatorInlet,
  longInsideRun,
  meterLug,
  overheadReach,
  secondSupply,
  solar,
  forbiddenPlace,
  handleHeight,
  headroom,
  noLight,
  obstructed,
  occupantNoAccess,
  waterNear,
  workingSpaceDepth,
  workingSpaceWidth,
  looseMounting,
  hazardFamily,
  disturbed,
  directory,
  highLegUnmarked,
  ratingLabelMissing,
  marks,
  altered,
  faultCode,
  handleWrongWay,
  improvisedTie,
  oddOneOut,
  offOrTripped,
  recalled,
  tripsOnClosing,
  worn,
  stabLimit,
  twoSupplies,
  openPosition,
  tapeClosed,
  bypassed,
  pullOutHeat,
  serviceDisconnectUnmarked,
  interruptingRating,
  mainOverBus,
  noWayToShutOff,
  splitBus,
  deadFront,
  openKnockout,
  scorchOnCover,
  wallAround,
  wrongScrews,
  surgeAbsent,
  backfedNotHeld,
  burnedTerminal,
  doubleTap,
  electronicNeutral,
  electronicOnSharedNeutral,
  looseAtBreaker,
  noCommonTrip,
  notForThisPanel,
  overcurrent,
  sharedNeutralNoCommonDisconnect,
  sharedNeutralSameLeg,
  tandemNotAllowed,
  terminalFit,
  voltageRating,
  burnedPosition,
  discoloured,
  feederTap,
  looseOnBus,
  oneLegFeed,
  parallelSets,
  addedCircuit,
  aluminiumAtBreaker,
  bareEnd,
  crowding,
  damagedInsulation,
  decayedJacket,
  greenAsHot,
  neutralUndersized,
  noBushing,
  noClamp,
  panelSplice,
  phaseColours,
  porcelainWiring,
  sheath,
  smallAluminium,
  whiteAsHot,
  wrongWiringMethod,
  foreignMatter,
  moistureCorrosion,
  fusedNeutral,
  insertTooBig,
  interchangeableBase,
  overfused,
  highLeg,
  aluminiumTermination,
  brokenLug,
  burnedTermination,
  conductorUndersized,
  doubleLug,
  looseAtService,
  tapBeforeMain,
  groundNotMarked,
  barNotBonded,
  barScrew,
  bondDownstream,
  bondMissing,
  jumperSize,
  looseGround,
  noFeederGround,
  overfilledGround,
  racewayNotBonded,
  undersizedGround,
  doubledNeutral,
  groundOnNeutralBar,
  looseNeutral,
  throughGroundBar,
  wrongBar,
  neutralNotLifted,
  noOutput,
  testButton,
  groundContinuity,
  strayCurrent,
  circuitLoad,
  legBalance,
  section,
  serviceLoad,
  deadLeg,
  hotPart,
  lostNeutral,
  notProvenDead,
  suspectedBond,
  torque,
  voltageRange,
  outletRating,
  protectionExpected,
  manyIntoOne,
  circuitUngrounded,
  threeWireAppliance,
  commonArea,
  pool,
  requiredCircuitShared,
  vehicleCharger,
  notRefitted,
];

export const ruleById: ReadonlyMap<string, Rule> = new Map(rules.map((rule) => [rule.id, rule]));
