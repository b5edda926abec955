import type { Range } from '@/core/codes/cost-book/cost-book';

/** "$1,240": whole, with the sign of the cost book. */
export const moneyWords = (amount: number, currency: string): string =>
  `${currency}${Math.round(amount).toLocaleString('en-US')}`;

/** "310 to 600": rounded to ten, as estimates are. */
export const rangeWords = ({ low, high }: Range): string => {
  const tens = (amount: number) => (Math.round(amount / 10) * 10).toLocaleString('en-US');
  return low === high ? tens(low) : `${tens(low)} to ${tens(high)}`;
};

/** "1 h 55", "40 min". */
export const minutesWords = (minutes: number): string => {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${rest}`;
};
