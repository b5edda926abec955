import type { RuleId } from '../../vocabulary/rule-id';
import type { Metal, Size } from '../../vocabulary/size';

/** Where a figure comes from. `code` names an article of the yardstick; other sources in words. */
export interface Source {
  code: string;
  says: string;
}

/** A limit in its source's own unit with the metric twin; meeting either passes. */
export interface LengthLimit {
  value: number;
  unit: 'ft' | 'in';
  mm: number;
  source: Source;
}

/** A size, an area of several conductors in kcmil, or everything above. */
export type AreaLimit = Size | '900' | '1100' | '1750' | 'more';

export type AmpacityColumn = 60 | 75 | 90;

export type ProtectedPlace =
  | 'bathroom'
  | 'kitchen'
  | 'outdoors'
  | 'garage'
  | 'basement'
  | 'laundry'
  | 'bedroom'
  | 'dining'
  | 'living';

/** Tables, years and wording of one standard and edition: data that another can be laid over. */
export interface Yardstick {
  id: string;
  title: string;
  /** A, not more than three current-carrying conductors, 30 °C ambient. null = no figure. */
  ampacityA: Record<Metal, Record<Size, Record<AmpacityColumn, number> | null>>;
  /** Largest overcurrent device for small conductors, A. */
  smallConductorA: Partial<Record<Metal, Partial<Record<Size, number>>>>;
  /** Standard ratings of overcurrent devices, A, ascending. */
  standardRatingsA: readonly number[];
  /** Next larger standard rating is allowed up to this, A. */
  nextSizeUpToA: number;
  /** Terminals of devices up to this rating count as 60 °C unless both ends are marked, A. */
  cool60UpToA: number;
  /** Clear depth in front, to 150 V to ground, then by condition 1, 2, 3 above it. */
  workingDepth: LengthLimit;
  workingDepthAbove150V: Record<'1' | '2' | '3', LengthLimit>;
  workingWidth: LengthLimit;
  headroom: LengthLimit;
  handleHeight: LengthLimit;
  rodSpacing: LengthLimit;
  rodLength: LengthLimit;
  /** 230.9: an overhead drop beside or below a window or door. */
  dropToOpening: LengthLimit;
  /** 230.24(A): over a roof, by what roof it is. */
  dropAboveRoof: Record<'flat' | 'steep' | 'overhang', LengthLimit>;
  /** 240.21(B): the most a tap may be long, by the two rules. */
  shortTap: LengthLimit;
  longTap: LengthLimit;
  /** 250.102(C): area of a bonding jumper where the supply is larger than the table, share of it. */
  jumperShare: number;
  /** Existing dwelling panels up to this are free of the headroom, A. */
  headroomExemptUpToA: number;
  /** 310.12: smallest conductor of a service or feeder that carries a whole dwelling, by main, A. */
  dwellingService: readonly { mainA: number; cu: Size; al: Size }[];
  /** 250.122: smallest equipment grounding conductor by overcurrent device, A up to. */
  equipmentGround: readonly { upToA: number; cu: Size; al: Size }[];
  /** 250.66: smallest electrode conductor by the service conductor, up to. */
  electrodeConductor: readonly {
    cuUpTo: AreaLimit;
    alUpTo: AreaLimit;
    cu: Size;
    al: Size;
  }[];
  /** Area of a conductor, thousand circular mils. */
  areaKcmil: Record<Size, number>;
  /** To rods only, and to an encased bar only, it need never be larger. */
  electrodeConductorMost: Record<'rod' | 'encased', { cu: Size; al: Size | null }>;
  /** Ohm one rod alone may have. */
  singleRodOhm: number;
  /** Share of the 30 °C ampacity left by the number of current-carrying conductors bundled. */
  bundleFactor: readonly { upTo: number; factor: number }[];
  /** Length over which a bundle counts, mm; a nipple up to it is exempt. */
  bundleFromMm: number;
  /** Share of the 30 °C ampacity left in warmer air, by column; null = not in such air at all. */
  ambientFactor: readonly ({ upToC: number } & Record<AmpacityColumn, number | null>)[];
  /** Greatest gutter fill by conductors passing through, and at splices, %. */
  gutterFillPercent: number;
  spliceFillPercent: number;
  /** Most handles that turn a service or building off. */
  mostThrows: number;
  /** Share of the breaker a continuous load may take. */
  continuousShare: number;
  /** Ranges of the voltage standard for a 120/240 V supply, V leg to neutral. */
  voltage: Record<'service' | 'panel', { a: [number, number]; b: [number, number] }> & {
    /** High leg of a delta to neutral. */
    highLeg: [number, number];
  };
  /** Readings that must agree miss each other by at most this share, or so many volts. */
  agreeShare: number;
  agreeV: number;
  /** Below this a pair is dead; a source that shows a tester to work gives at least that, V. */
  deadBelowV: number;
  liveFromV: number;
  /** Way to ground that counts as continuous, Ω. */
  continuousToOhm: number;
  /** Least drop in a feeder neutral at which neutral to ground says anything, V. */
  leastDropV: number;
  /** Split-phase: difference of the legs that makes the neutral suspect and lost, V. */
  neutralSuspectV: number;
  neutralLostV: number;
  /** One leg above this is a lost neutral, V. */
  legHighV: number;
  /** A dead leg differs from the other by at least this, V. */
  deadLegApartV: number;
  /** Voltage across the legs at which the legs can be compared, V. */
  acrossHoldsV: [number, number];
  /** Year from which a feeder to another building brings its own ground. */
  fourWireFeederSince: number;
  /** Year from which dryers and ranges are connected by four wires. */
  fourWireApplianceSince: number;
  /** Smallest bond of corrugated gas tubing, copper. */
  gasTubingBond: Size;
  /** Load at which the temperatures of like parts can be compared, share of rating. */
  likeLoadShare: number;
  /** Rise over a like part under like load: probable deficiency above, mend now above, K. */
  riseK: { look: number; mend: number };
  /** Enclosure to earth that is a danger, V. */
  liveMetalV: number;
  /** Current on a grounding conductor: below nothing, above find the path; on gas a danger, A. */
  strayA: { nothing: number; path: number; gas: number };
  /** Share of the neutral current that is usual on an electrode to a street main. */
  streetMainShare: number;
  /** Load terminal below the bus by more than this share: no output or a bad contact. */
  outputDropShare: number;
  torqueTolerance: number;
  /** Legs differing by more than this share of the main. */
  legBalanceShare: number;
  /** Calibration of moulded-case breakers: times of the rating, and s. */
  trip: {
    /** Opens within an hour up to `longToA`, two above. */
    surelyTimes: number;
    longToA: number;
    longS: number;
    longAboveS: number;
    /** Within these at twice the rating, by rating. */
    atDouble: readonly { upToA: number; s: number }[];
    /** The magnet acts possibly from, certainly from. */
    magnetPerhapsTimes: number;
    magnetSurelyTimes: number;
  };
  /** Interrupting rating of a breaker without a mark, kA. */
  unmarkedInterruptingKa: number;
  /** 705.12: share of the bus main and sources may come to with the source at the far end. */
  farEndShare: number;
  sourceFactor: number;
  /** Year ground-fault and arc-fault protection was first asked for, by place. */
  protectionSince: Record<'ground-fault' | 'arc-fault', Partial<Record<ProtectedPlace, number>>>;
  /** Year covers for use in the wet and weather-resistant receptacles were first asked for. */
  receptacleSince: { inUseCover: number; weatherResistant: number };
  /** Year ground-fault protection was first asked of receptacles above 120 V. */
  groundFault240Since: number;
  /** Year a circuit of its own was first asked for a place. */
  ownCircuitSince: Record<'kitchen' | 'laundry' | 'bathroom', number>;
  /** Largest rating of circuits that arc-fault protection is asked of, A. */
  arcFaultToA: number;
  /** Year a panel was first kept out of a place. */
  placeSince: Record<'bathroom' | 'clothes-closet' | 'over-steps', number>;
  /** Resistance at 75 °C, ohm per 1000 ft. */
  ohmPerKft: Record<Metal, Record<Size, number>>;
  /** Resistance at 25 °C over that at 75 °C, cold copper. */
  coldShare: number;
  /** Years the yardstick said a rule in words, where they differ from the rule's own. */
  ruleYears: Readonly<Partial<Record<RuleId, number>>>;
  /** Breaker ÷ conductor ampacity that no air-conditioner nameplate can make right. */
  airConditionerLimit: number;
  motorConductor: number;
  motorDevice: { breaker: number; timeDelayFuse: number; otherFuse: number };
  /** 220.82, 220.83, 220.87, 220.55: what a dwelling's load is worked out with. */
  demand: {
    lightingVaPerM2: number;
    lightingVaPerFt2: number;
    /** Each small-appliance and laundry circuit, VA; at least so many count. */
    circuitVa: number;
    leastSmallAppliance: number;
    leastLaundry: number;
    /** Counted in full, VA: by the optional method, and of an existing dwelling; the rest by restShare. */
    optionalFirstVa: number;
    existingFirstVa: number;
    restShare: number;
    /** Share of resistance heat: of fewer separately controlled units than manyUnits, and from there. */
    fewUnitsShare: number;
    manyUnitsShare: number;
    manyUnits: number;
    supplementaryShare: number;
    /** Factor on a measured peak. */
    measuredFactor: number;
    /** One range up to `rangeToW` counts `rangeW`; each kW above it a share more. */
    rangeToW: number;
    rangeW: number;
    rangeMoreShare: number;
  };
  /** Nominal current over which a load for hours needs 125 %. */
  continuousFactor: number;
  sources: Record<
    | 'ampacity'
    | 'smallConductor'
    | 'nextSizeUp'
    | 'terminals'
    | 'standardRatings'
    | 'airConditioner'
    | 'motor',
    Source
  >;
}
