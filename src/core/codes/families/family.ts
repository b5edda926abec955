import * as v from 'valibot';

/** What can be seen of a construction, and its values. The walk records each under the same name. */
export const traits = {
  busMetal: {
    words: 'Metal of the bus bars',
    values: { copper: 'copper', tinned: 'tinned copper', aluminium: 'aluminium' },
  },
  breakerHold: {
    words: 'How breakers hold on',
    values: {
      bolted: 'bolted to the bus',
      jaws: 'spring jaws on a thick stab',
      friction: 'friction on a thin split stab',
      hook: 'hooked at the outside, pressed on the stab',
    },
  },
  handleTravel: {
    words: 'Handles move',
    values: { across: 'across, toward the middle', along: 'up and down', turn: 'turn' },
  },
  handleColour: {
    words: 'Handles are coloured',
    values: { black: 'black', 'by-rating': 'by rating', striped: 'black with a coloured stripe' },
  },
  handleAction: {
    words: 'Handle works as a',
    values: { toggle: 'toggle', push: 'push button', rocker: 'rocker' },
  },
} as const satisfies Record<string, { words: string; values: Record<string, string> }>;

export type Trait = keyof typeof traits;
export const traitNames = Object.keys(traits) as Trait[];

const probability = v.pipe(v.number(), v.minValue(0), v.maxValue(1));

/** Probability of each value of a trait in this family; a value that is not named is next to impossible. */
const traitTable = v.pipe(
  v.record(v.picklist(traitNames), v.record(v.string(), probability)),
  v.check(
    (table) =>
      Object.entries(table).every(([trait, values]) =>
        Object.keys(values).every((value) => value in traits[trait as Trait].values),
      ),
    'values of the trait',
  ),
);

const text = (most: number) => v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(most));
const year = v.pipe(v.number(), v.integer(), v.minValue(1880), v.maxValue(2100));

/** A construction family with its history, and the nameplates an organisation maps to it. */
export const familySchema = v.strictObject({
  id: v.pipe(v.string(), v.regex(/^[a-z0-9-]{1,60}$/, 'small letters, digits and -')),
  name: text(80),
  construction: text(600),
  history: text(600),
  /** On the registry of families with a bad history; false = told apart only. */
  hazard: v.boolean(),
  severity: v.picklist([1, 2, 3, 4]),
  likelihood: v.picklist([1, 2, 3, 4, 5]),
  years: v.nullable(v.strictObject({ from: year, to: year })),
  /** Years a panel of it is expected to serve; null = not stated. */
  expectedLifeYears: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(120))),
  /** Share of all panels met that are of this family, before looking. */
  prior: probability,
  traits: traitTable,
  nameplates: v.array(v.strictObject({ maker: text(60), models: v.array(text(60)) })),
});

export type Family = v.InferOutput<typeof familySchema>;
