import { listed } from '@/core/vocabulary/phrases';
import type { LookWorth } from '@/core';
import { minutesWords, moneyWords } from './money';

/** Facts nobody recorded that could change a plan, with the looks that would settle them and what they are worth. */
export function LookFirst({ looks, more, currency }: LookWorth & { currency: string }) {
  return (
    <p className="border-line mt-4 border border-dashed p-2.5">
      <strong>Look first:</strong> {listed(looks.map(({ look }) => look))}.{' '}
      {!more
        ? 'Turning out badly there is no such plan.'
        : more.cost > 0.5
          ? `Turning out badly it costs up to ${moneyWords(more.cost, currency)} and ${minutesWords(Math.max(0, more.minutes))} more.`
          : 'Turning out badly it costs no more.'}
    </p>
  );
}
