import * as v from 'valibot';

const money = v.pipe(
  v.number('expected an amount of money'),
  v.finite('expected an amount of money'),
  v.minValue(0, 'expected 0 or more'),
  v.maxValue(1_000_000, 'expected 1,000,000 at most'),
);

/** An amount from low to high, with the likely one between. */
export const rangeSchema = v.pipe(
  v.strictObject({ low: money, likely: money, high: money }),
  v.check(
    ({ low, likely, high }) => low <= likely && likely <= high,
    'expected low ≤ likely ≤ high',
  ),
);
export type Range = v.InferOutput<typeof rangeSchema>;

/** What work and parts cost, as an organisation reckons them: estimates, not offers. */
export const costBookSchema = v.strictObject({
  /** Counted up at each change. */
  version: v.pipe(v.number(), v.integer(), v.minValue(1)),
  /** Sign before an amount. */
  currency: v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(3)),
  labourRatePerHour: money,
  /** Once a visit: travel, opening, isolating, proving dead, readings. */
  callOutFee: money,
  /** Once, where the utility has to come. */
  utilityFee: money,
  /** One of each, or one metre where it is sold so; a part that is not named has the figure shipped. */
  parts: v.record(v.string(), rangeSchema),
});
export type CostBook = v.InferOutput<typeof costBookSchema>;
