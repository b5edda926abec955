/** What a breaker does with a current, and in which time. Seconds. */
export interface TripBand {
  band:
    'holds' | 'may-never-open' | 'opens-late' | 'opens' | 'opens-perhaps-at-once' | 'opens-at-once';
  /** At most, s; undefined: it need not open at all. */
  withinS: number | undefined;
  words: string;
}

/** Time to open at twice the rating, by rating, s. */
const atDoubleS: readonly { upToA: number; s: number }[] = [
  { upToA: 30, s: 120 },
  { upToA: 50, s: 240 },
  { upToA: 100, s: 360 },
  { upToA: 150, s: 480 },
  { upToA: 225, s: 600 },
];
const hour = 3600;

/**
 * Calibration of moulded-case breakers: holds 100 %, opens at 135 % within an hour (two above
 * 50 A), at 200 % within 2 to 10 minutes by rating, by its magnet possibly from 5 and certainly
 * from 10 times the rating. Between 100 and 135 % it may never open.
 * @example 4.8 A on 15 A: holds.
 */
export function tripBand(ratingA: number, amps: number): TripBand {
  const times = amps / ratingA;
  const longS = ratingA <= 50 ? hour : 2 * hour;
  const doubleS = atDoubleS.find(({ upToA }) => ratingA <= upToA)?.s ?? 2 * hour;
  const hours = longS === hour ? 'an hour' : 'two hours';
  const minutes = `${Math.round(doubleS / 60)} minutes`;
  if (times <= 1)
    return { band: 'holds', withinS: undefined, words: `a ${ratingA} A breaker holds it for ever` };
  if (times < 1.35)
    return {
      band: 'may-never-open',
      withinS: undefined,
      words: `a ${ratingA} A breaker may never open`,
    };
  if (times < 2)
    return {
      band: 'opens-late',
      withinS: longS,
      words: `a ${ratingA} A breaker opens within ${hours}`,
    };
  if (times < 5)
    return {
      band: 'opens',
      withinS: doubleS,
      words: `a ${ratingA} A breaker opens within ${minutes}`,
    };
  if (times < 10)
    return {
      band: 'opens-perhaps-at-once',
      withinS: doubleS,
      words: `a ${ratingA} A breaker opens perhaps at once, surely within ${minutes}`,
    };
  return { band: 'opens-at-once', withinS: 0.1, words: `a ${ratingA} A breaker opens at once` };
}
