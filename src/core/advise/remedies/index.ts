// Made by `npm run rules` from the remedies' own files. Do not edit.
import type { RemedyId } from '../../vocabulary/remedy-id';
import type { Remedy } from './remedy';
import { boxWithCover } from './around/box-with-cover';
import { cover } from './around/cover';
import { disconnectBeside } from './around/disconnect-beside';
import { groundFaultDevice } from './around/ground-fault-device';
import { inUseCover } from './around/in-use-cover';
import { lockOff } from './around/lock-off';
import { runMadeGood } from './around/run-made-good';
import { applianceLookedAt } from './breaker/appliance-looked-at';
import { askOdd } from './breaker/ask-odd';
import { askWhyOff } from './breaker/ask-why-off';
import { breakerNotRecalled } from './breaker/breaker-not-recalled';
import { breakerWithProtection } from './breaker/breaker-with-protection';
import { deviceAtFirstOutlet } from './breaker/device-at-first-outlet';
import { electronicNeutralRight } from './breaker/electronic-neutral-right';
import { endCutBackNewDevice } from './breaker/end-cut-back-new-device';
import { endReMade } from './breaker/end-re-made';
import { factoryMain } from './breaker/factory-main';
import { fusedAtUnit } from './breaker/fused-at-unit';
import { holdDown } from './breaker/hold-down';
import { hungTheRightWay } from './breaker/hung-the-right-way';
import { largerConductor } from './breaker/larger-conductor';
import { legendOfTheCode } from './breaker/legend-of-the-code';
import { listedForTwo } from './breaker/listed-for-two';
import { listedTie } from './breaker/listed-tie';
import { loadCheckedFirst } from './breaker/load-checked-first';
import { loadMeasured } from './breaker/load-measured';
import { neutralEach } from './breaker/neutral-each';
import { newBreaker } from './breaker/new-breaker';
import { newBreakerByCode } from './breaker/new-breaker-by-code';
import { otherLeg } from './breaker/other-leg';
import { outletOfRating } from './breaker/outlet-of-rating';
import { ownPosition } from './breaker/own-position';
import { pigtail } from './breaker/pigtail';
import { pigtailOfRightSize } from './breaker/pigtail-of-right-size';
import { protectionAtOutlets } from './breaker/protection-at-outlets';
import { reMade } from './breaker/re-made';
import { screwDoesNotHold } from './breaker/screw-does-not-hold';
import { smallerBreaker } from './breaker/smaller-breaker';
import { stabLookedAt } from './breaker/stab-looked-at';
import { straightVoltage } from './breaker/straight-voltage';
import { tandem } from './breaker/tandem';
import { twoPole } from './breaker/two-pole';
import { wiringTested } from './breaker/wiring-tested';
import { anotherRow } from './bus/another-row';
import { blankBurnedPosition } from './bus/blank-burned-position';
import { breakerAtTheTap } from './bus/breaker-at-the-tap';
import { cleanStab } from './bus/clean-stab';
import { interior } from './bus/interior';
import { leavePosition } from './bus/leave-position';
import { legsFedEach } from './bus/legs-fed-each';
import { oneSetOrAlike } from './bus/one-set-or-alike';
import { smallerMainForSource } from './bus/smaller-main-for-source';
import { sourceAtFarEnd } from './bus/source-at-far-end';
import { anotherColour } from './conductor/another-colour';
import { boxOverJoint } from './conductor/box-over-joint';
import { breakerEach } from './conductor/breaker-each';
import { breakerForAluminium } from './conductor/breaker-for-aluminium';
import { bundleOpened } from './conductor/bundle-opened';
import { cableForThePlace } from './conductor/cable-for-the-place';
import { cableReEntered } from './conductor/cable-re-entered';
import { cap } from './conductor/cap';
import { compoundByLabel } from './conductor/compound-by-label';
import { connectorEach } from './conductor/connector-each';
import { connectorsWithCopperTails } from './conductor/connectors-with-copper-tails';
import { cutEndBack } from './conductor/cut-end-back';
import { deadCableOut } from './conductor/dead-cable-out';
import { devicesForAluminium } from './conductor/devices-for-aluminium';
import { greenOrBare } from './conductor/green-or-bare';
import { hotsMarked } from './conductor/hots-marked';
import { inspectedAsNew } from './conductor/inspected-as-new';
import { jointMadeAgain } from './conductor/joint-made-again';
import { largerNeutral } from './conductor/larger-neutral';
import { listedJoint } from './conductor/listed-joint';
import { markGround } from './conductor/mark-ground';
import { methodMadeForIt } from './conductor/method-made-for-it';
import { newCable } from './conductor/new-cable';
import { newConductor } from './conductor/new-conductor';
import { newCopper } from './conductor/new-copper';
import { newFitting } from './conductor/new-fitting';
import { newWiring } from './conductor/new-wiring';
import { oneCableThrough } from './conductor/one-cable-through';
import { paperFound } from './conductor/paper-found';
import { racewayForJacket } from './conductor/raceway-for-jacket';
import { racewayOverIt } from './conductor/raceway-over-it';
import { reMark } from './conductor/re-mark';
import { rightColour } from './conductor/right-colour';
import { sleeve } from './conductor/sleeve';
import { smallerDeviceForPorcelain } from './conductor/smaller-device-for-porcelain';
import { splitBushing } from './conductor/split-bushing';
import { supportsMadeGood } from './conductor/supports-made-good';
import { troughBeside } from './conductor/trough-beside';
import { wiresReRouted } from './conductor/wires-re-routed';
import { askWhatChanged } from './enclosure/ask-what-changed';
import { blank } from './enclosure/blank';
import { blankForTape } from './enclosure/blank-for-tape';
import { boxToTheFace } from './enclosure/box-to-the-face';
import { cleanInside } from './enclosure/clean-inside';
import { closurePlate } from './enclosure/closure-plate';
import { coverOfThisPanel } from './enclosure/cover-of-this-panel';
import { deadFront } from './enclosure/dead-front';
import { fasten } from './enclosure/fasten';
import { findWhatBurned } from './enclosure/find-what-burned';
import { lostBondFound } from './enclosure/lost-bond-found';
import { moveIndoors } from './enclosure/move-indoors';
import { newCover } from './enclosure/new-cover';
import { putBack } from './enclosure/put-back';
import { rainEnclosure } from './enclosure/rain-enclosure';
import { rightScrews } from './enclosure/right-screws';
import { socketCover } from './enclosure/socket-cover';
import { stopTheWater } from './enclosure/stop-the-water';
import { takeOutWhatPenetrates } from './enclosure/take-out-what-penetrates';
import { wallClosed } from './enclosure/wall-closed';
import { insertOfSize } from './fuse/insert-of-size';
import { insertsInEveryBase } from './fuse/inserts-in-every-base';
import { newBlock } from './fuse/new-block';
import { rightFuseAfterTampering } from './fuse/right-fuse-after-tampering';
import { rightFuseAndInsert } from './fuse/right-fuse-and-insert';
import { barLug } from './ground/bar-lug';
import { barOnBareMetal } from './ground/bar-on-bare-metal';
import { bondFitted } from './ground/bond-fitted';
import { bondUndone } from './ground/bond-undone';
import { bondingTermination } from './ground/bonding-termination';
import { conductorWhole } from './ground/conductor-whole';
import { fourWireAppliance } from './ground/four-wire-appliance';
import { fourWireFeeder } from './ground/four-wire-feeder';
import { freeGroundTerminal } from './ground/free-ground-terminal';
import { gasBond } from './ground/gas-bond';
import { groundedCircuit } from './ground/grounded-circuit';
import { jointAlongTheWay } from './ground/joint-along-the-way';
import { jumperAcrossMeter } from './ground/jumper-across-meter';
import { jumperBetweenElectrodes } from './ground/jumper-between-electrodes';
import { jumperMadeForIt } from './ground/jumper-made-for-it';
import { largerGround } from './ground/larger-ground';
import { listedClamp } from './ground/listed-clamp';
import { lookForTheJoint } from './ground/look-for-the-joint';
import { newFeeder } from './ground/new-feeder';
import { noGroundMarked } from './ground/no-ground-marked';
import { permittedBond } from './ground/permitted-bond';
import { racewayBushing } from './ground/raceway-bushing';
import { rodFurtherAway } from './ground/rod-further-away';
import { rodMeasured } from './ground/rod-measured';
import { rodsAndConductor } from './ground/rods-and-conductor';
import { rodsAtBuilding } from './ground/rods-at-building';
import { rodsBeside } from './ground/rods-beside';
import { secondJointMended } from './ground/second-joint-mended';
import { secondRod } from './ground/second-rod';
import { waterBond } from './ground/water-bond';
import { wholeRodBeside } from './ground/whole-rod-beside';
import { limitsFromMaker } from './labels/limits-from-maker';
import { markHighLeg } from './labels/mark-high-leg';
import { markMains } from './labels/mark-mains';
import { newDirectory } from './labels/new-directory';
import { balanceNextTime } from './load/balance-next-time';
import { chargerCircuitRight } from './load/charger-circuit-right';
import { circuitsToUpper } from './load/circuits-to-upper';
import { largerBreakerAndWire } from './load/larger-breaker-and-wire';
import { largerService } from './load/larger-service';
import { listedLoadSwitch } from './load/listed-load-switch';
import { loadsToAnother } from './load/loads-to-another';
import { ownerFeedsIt } from './load/owner-feeds-it';
import { placesToOwnCircuit } from './load/places-to-own-circuit';
import { poolBonded } from './load/pool-bonded';
import { poolProtected } from './load/pool-protected';
import { toLegAOrC } from './load/to-leg-a-or-c';
import { freeTerminal } from './neutral/free-terminal';
import { groundToGroundBar } from './neutral/ground-to-ground-bar';
import { joinedSolid } from './neutral/joined-solid';
import { supplyNeutralToItsBar } from './neutral/supply-neutral-to-its-bar';
import { toNeutralBar } from './neutral/to-neutral-bar';
import { dateForPanel } from './panel/date-for-panel';
import { downstreamPanel } from './panel/downstream-panel';
import { extraGroundBar } from './panel/extra-ground-bar';
import { extraNeutralBar } from './panel/extra-neutral-bar';
import { movePanel } from './panel/move-panel';
import { replacePanel } from './panel/replace-panel';
import { replacementBreakers } from './panel/replacement-breakers';
import { tandemToSingles } from './panel/tandem-to-singles';
import { deadLegFollowed } from './reading/dead-leg-followed';
import { jointAndBreakerRenewed } from './reading/joint-and-breaker-renewed';
import { largerFeeder } from './reading/larger-feeder';
import { measuredAgain } from './reading/measured-again';
import { neutralReMade } from './reading/neutral-re-made';
import { newBreakerAfterLook } from './reading/new-breaker-after-look';
import { newTerminal } from './reading/new-terminal';
import { placeFound } from './reading/place-found';
import { sayWhatWasDone } from './reading/say-what-was-done';
import { setToLabel } from './reading/set-to-label';
import { stopAndProve } from './reading/stop-and-prove';
import { utilitySets } from './reading/utility-sets';
import { condenseToTandems } from './room/condense-to-tandems';
import { retireCircuit } from './room/retire-circuit';
import { retireSupply } from './room/retire-supply';
import { bypassUndone } from './service/bypass-undone';
import { circuitsToSixThrows } from './service/circuits-to-six-throws';
import { cutBackAndReTerminate } from './service/cut-back-and-re-terminate';
import { disconnectAtEntry } from './service/disconnect-at-entry';
import { disconnectsTogether } from './service/disconnects-together';
import { dropOutOfReach } from './service/drop-out-of-reach';
import { emergencyDisconnect } from './service/emergency-disconnect';
import { encasedRun } from './service/encased-run';
import { fusedSwitchAtTap } from './service/fused-switch-at-tap';
import { higherInterrupting } from './service/higher-interrupting';
import { inletWithInterlock } from './service/inlet-with-interlock';
import { interlock } from './service/interlock';
import { largerServiceConductors } from './service/larger-service-conductors';
import { lugForAluminium } from './service/lug-for-aluminium';
import { lugForEach } from './service/lug-for-each';
import { mainAhead } from './service/main-ahead';
import { markWhereOthersAre } from './service/mark-where-others-are';
import { marksFitted } from './service/marks-fitted';
import { mergeMeters } from './service/merge-meters';
import { meterSocketMended } from './service/meter-socket-mended';
import { neutralJoinedOnce } from './service/neutral-joined-once';
import { neutralLink } from './service/neutral-link';
import { newDrop } from './service/new-drop';
import { newLugKit } from './service/new-lug-kit';
import { newMainOrLugs } from './service/new-main-or-lugs';
import { newMast } from './service/new-mast';
import { reTerminateAluminium } from './service/re-terminate-aluminium';
import { seriesCombination } from './service/series-combination';
import { smallerMain } from './service/smaller-main';
import { surgeDevice } from './service/surge-device';
import { tapToBreaker } from './service/tap-to-breaker';
import { transferSwitch } from './service/transfer-switch';
import { changeRoomUse } from './space/change-room-use';
import { clearSide } from './space/clear-side';
import { clearSpace } from './space/clear-space';
import { clearWhatStands } from './space/clear-what-stands';
import { dripShield } from './space/drip-shield';
import { fixedPlatform } from './space/fixed-platform';
import { keyForOccupant } from './space/key-for-occupant';
import { movePipe } from './space/move-pipe';
import { panelInTheRooms } from './space/panel-in-the-rooms';
import { panelLamp } from './space/panel-lamp';
import { raiseWhatHangs } from './space/raise-what-hangs';

export const remedies: readonly Remedy[] = [
  boxWithCover,
  cover,
  disconnectBeside,
  groundFaultDevice,
  inUseCover,
  lockOff,
  runMadeGood,
  applianceLookedAt,
  askOdd,
  askWhyOff,
  breakerNotRecalled,
  breakerWithProtection,
  deviceAtFirstOutlet,
  electronicNeutralRight,
  endCutBackNewDevice,
  endReMade,
  factoryMain,
  fusedAtUnit,
  holdDown,
  hungTheRightWay,
  largerConductor,
  legendOfTheCode,
  listedForTwo,
  listedTie,
  loadCheckedFirst,
  loadMeasured,
  neutralEach,
  newBreaker,
  newBreakerByCode,
  otherLeg,
  outletOfRating,
  ownPosition,
  pigtail,
  pigtailOfRightSize,
  protectionAtOutlets,
  reMade,
  screwDoesNotHold,
  smallerBreaker,
  stabLookedAt,
  straightVoltage,
  tandem,
  twoPole,
  wiringTested,
  anotherRow,
  blankBurnedPosition,
  breakerAtTheTap,
  cleanStab,
  interior,
  leavePosition,
  legsFedEach,
  oneSetOrAlike,
  smallerMainForSource,
  sourceAtFarEnd,
  anotherColour,
  boxOverJoint,
  breakerEach,
  breakerForAluminium,
  bundleOpened,
  cableForThePlace,
  cableReEntered,
  cap,
  compoundByLabel,
  connectorEach,
  connectorsWithCopperTails,
  cutEndBack,
  deadCableOut,
  devicesForAluminium,
  greenOrBare,
  hotsMarked,
  inspectedAsNew,
  jointMadeAgain,
  largerNeutral,
  listedJoint,
  markGround,
  methodMadeForIt,
  newCable,
  newConductor,
  newCopper,
  newFitting,
  newWiring,
  oneCableThrough,
  paperFound,
  racewayForJacket,
  racewayOverIt,
  reMark,
  rightColour,
  sleeve,
  smallerDeviceForPorcelain,
  splitBushing,
  supportsMadeGood,
  troughBeside,
  wiresReRouted,
  askWhatChanged,
  blank,
  blankForTape,
  boxToTheFace,
  cleanInside,
  closurePlate,
  coverOfThisPanel,
  deadFront,
  fasten,
  findWhatBurned,
  lostBondFound,
  moveIndoors,
  newCover,
  putBack,
  rainEnclosure,
  rightScrews,
  socketCover,
  stopTheWater,
  takeOutWhatPenetrates,
  wallClosed,
  insertOfSize,
  insertsInEveryBase,
  newBlock,
  rightFuseAfterTampering,
  rightFuseAndInsert,
  barLug,
  barOnBareMetal,
  bondFitted,
  bondUndone,
  bondingTermination,
  conductorWhole,
  fourWireAppliance,
  fourWireFeeder,
  freeGroundTerminal,
  gasBond,
  groundedCircuit,
  jointAlongTheWay,
  jumperAcrossMeter,
  jumperBetweenElectrodes,
  jumperMadeForIt,
  largerGround,
  listedClamp,
  lookForTheJoint,
  newFeeder,
  noGroundMarked,
  permittedBond,
  racewayBushing,
  rodFurtherAway,
  rodMeasured,
  rodsAndConductor,
  rodsAtBuilding,
  rodsBeside,
  secondJointMended,
  secondRod,
  waterBond,
  wholeRodBeside,
  limitsFromMaker,
  markHighLeg,
  markMains,
  newDirectory,
  balanceNextTime,
  chargerCircuitRight,
  circuitsToUpper,
  largerBreakerAndWire,
  largerService,
  listedLoadSwitch,
  loadsToAnother,
  ownerFeedsIt,
  placesToOwnCircuit,
  poolBonded,
  poolProtected,
  toLegAOrC,
  freeTerminal,
  groundToGroundBar,
  joinedSolid,
  supplyNeutralToItsBar,
  toNeutralBar,
  dateForPanel,
  downstreamPanel,
  extraGroundBar,
  extraNeutralBar,
  movePanel,
  replacePanel,
  replacementBreakers,
  tandemToSingles,
  deadLegFollowed,
  jointAndBreakerRenewed,
  largerFeeder,
  measuredAgain,
  neutralReMade,
  newBreakerAfterLook,
  newTerminal,
  placeFound,
  sayWhatWasDone,
  setToLabel,
  stopAndProve,
  utilitySets,
  condenseToTandems,
  retireCircuit,
  retireSupply,
  bypassUndone,
  circuitsToSixThrows,
  cutBackAndReTerminate,
  disconnectAtEntry,
  disconnectsTogether,
  dropOutOfReach,
  emergencyDisconnect,
  encasedRun,
  fusedSwitchAtTap,
  higherInterrupting,
  inletWithInterlock,
  interlock,
  largerServiceConductors,
  lugForAluminium,
  lugForEach,
  mainAhead,
  markWhereOthersAre,
  marksFitted,
  mergeMeters,
  meterSocketMended,
  neutralJoinedOnce,
  neutralLink,
  newDrop,
  newLugKit,
  newMainOrLugs,
  newMast,
  reTerminateAluminium,
  seriesCombination,
  smallerMain,
  surgeDevice,
  tapToBreaker,
  transferSwitch,
  changeRoomUse,
  clearSide,
  clearSpace,
  clearWhatStands,
  dripShield,
  fixedPlatform,
  keyForOccupant,
  movePipe,
  panelInTheRooms,
  panelLamp,
  raiseWhatHangs,
];

const byId = new Map(remedies.map((remedy) => [remedy.id, remedy]));

export const remedyOf = (id: RemedyId): Remedy => byId.get(id)!;

/** Ways to mend, as the report and the pages of the rules say them. */
export const remedyWords = (ids: readonly RemedyId[]): string[] =>
  ids.map((id) => remedyOf(id).words);
