import type { Yardstick } from '../../codes/yardstick/yardstick';

/** What a breaker does with a current, and in which time. Seconds. */
export interface TripBand {
  band:
    'holds' | 'may-never-open' | 'opens-late' | 'opens' | 'opens-perhaps-at-once' | 'opens-at-once';
  /** At most, s; undefined: it need not open at all. */
  withinS: number | undefined;
  words: string;
}

/**
 * Calibration of moulded-case breakers: holds 100 %, opens at 135 % within an hour (two above
 * 50 A), at 200 % within 2 to 10 minutes by rating, by its magnet possibly from 5 and certainly
 * from 10 times the rating. Between 100 and 135 % it may never open.
 * @example 4.8 A on 15 A: holds.
 */
export function tripBand(
  ratingA: number,
  amps: number,
  { trip }: Pick<Yardstick, 'trip'>,
): TripBand {
  const times = amps / ratingA;
  const longS = ratingA <= trip.longToA ? trip.longS : trip.longAboveS;
  const doubleS = trip.atDouble.find(({ upToA }) => ratingA <= upToA)?.s ?? trip.longAboveS;
  const hours = longS === 3600 ? 'an hour' : `${longS / 3600} hours`;
  const minutes = `${Math.round(doubleS / 60)} minutes`;
  if (times <= 1)
    return { band: 'holds', withinS: undefined, words: `a ${ratingA} A breaker holds it for ever` };
  if (times < trip.surelyTimes)
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
  if (times < trip.magnetPerhapsTimes)
    return {
      band: 'opens',
      withinS: doubleS,
      words: `a ${ratingA} A breaker opens within ${minutes}`,
    };
  if (times < trip.magnetSurelyTimes)
    return {
      band: 'opens-perhaps-at-once',
      withinS: doubleS,
      words: `a ${ratingA} A breaker opens perhaps at once, surely within ${minutes}`,
    };
  return { band: 'opens-at-once', withinS: 0.1, words: `a ${ratingA} A breaker opens at once` };
}
