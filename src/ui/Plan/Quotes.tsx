'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { ChosenPlan } from '@/core/advise/planning/chosen-plans';
import type { QuoteCompared } from '@/core/advise/planning/quotes';
import { againstWords, compareQuote, mostQuotes, quotesOf } from '@/core/advise/planning/quotes';
import { add, observe } from '@/core/fieldwork/recording/draft';
import { counted } from '@/core/vocabulary/phrases';
import { useBook } from '../Book/context';
import { moneyWords } from './money';

/** What others ask for the work of a chosen plan, side by side; none is recommended. */
export function Quotes({ plan, currency }: { plan: ChosenPlan; currency: string }) {
  const { state, actions } = useBook();
  const { reader } = state.assessment.site;
  const [open, setOpen] = useState(false);
  const quotes = quotesOf(reader, plan.id).map((quote) => compareQuote(quote, plan));
  return (
    <section aria-label="Quotes" className="border-hair border-t py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <strong>
          Quotes for {plan.name}: {quotes.length} of {mostQuotes}
        </strong>
        {quotes.length < mostQuotes && !open && (
          <button className="act" onClick={() => setOpen(true)}>
            Add a quote
          </button>
        )}
      </div>
      {open && <QuoteForm plan={plan} done={() => setOpen(false)} />}
      {quotes.length > 0 && (
        <>
          <ul className="mt-2 grid gap-x-6 gap-y-3 md:grid-cols-2 xl:grid-cols-3">
            {quotes.map((quote) => (
              <li key={quote.id} className="border-line border-t pt-1">
                <OneQuote quote={quote} currency={currency} />
                <button
                  className="act mt-1"
                  aria-label={`Take away the quote from ${quote.from}`}
                  onClick={() =>
                    void actions.record(() => [observe(reader, quote.id, { removed: true })])
                  }
                >
                  Take away
                </button>
              </li>
            ))}
          </ul>
          <p className="text-caption text-ink2 mt-2">
            The cost book is an estimate. A sum outside its range is not wrong for that: ask what it
            includes. Who does the work must be licensed for it.
          </p>
        </>
      )}
    </section>
  );
}

function OneQuote({ quote, currency }: { quote: QuoteCompared; currency: string }) {
  const { from, sum, against, misses, adds, items } = quote;
  const priced = items.filter((one) => one.sum !== null);
  const asked = (amount: number | null) =>
    amount === null ? 'no sum' : moneyWords(amount, currency);
  return (
    <>
      <p>
        <strong>{from}</strong>: {sum === undefined ? 'no sum' : moneyWords(sum, currency)}
        {against && <span className="text-ink2">, {againstWords[against]}</span>}
      </p>
      {priced.length > 0 && (
        <ul>
          {priced.map(({ work, says, sum: own, against: is }) => (
            <li key={work} className="border-hair border-b py-0.5">
              {says}: {asked(own)}
              {is && <span className="text-ink2">, {is}</span>}
            </li>
          ))}
        </ul>
      )}
      {items.length > priced.length && (
        <p className="text-ink2">
          {counted(items.length - priced.length, 'work')} named without a sum of its own.
        </p>
      )}
      <p className="mt-1">
        {misses.length === 0 ? (
          'Names every work of the plan.'
        ) : (
          <>
            <strong>Does not name:</strong> {misses.join('; ')}.
          </>
        )}
      </p>
      {adds.length > 0 && (
        <p>
          <strong>Has besides:</strong>{' '}
          {adds.map(({ says, sum: own }) => `${says} (${asked(own)})`).join('; ')}.
        </p>
      )}
    </>
  );
}

interface QuoteFields {
  from: string;
  sum: string;
  works: { named: boolean; sum: string }[];
  besides: string;
  besidesSum: string;
}

/** "1,234.50" or "1234,5"; nothing where it is no sum. */
function amountOf(text: string): number | null {
  const plain = text
    .trim()
    .replace(/[\s,](?=\d{3}(\D|$))/g, '')
    .replace(',', '.');
  if (plain === '') return null;
  const amount = Number(plain);
  return Number.isFinite(amount) && amount >= 0 ? amount : Number.NaN;
}
const isSum = (text: string) =>
  !Number.isNaN(amountOf(text)) || 'A sum of money is expected: 1250 or 1250.50';

function QuoteForm({ plan, done }: { plan: ChosenPlan; done(): void }) {
  const { state, actions } = useBook();
  const { site } = state.assessment.site;
  const {
    register,
    handleSubmit,
    formState: { errors },
  } = useForm<QuoteFields>({
    defaultValues: {
      from: '',
      sum: '',
      works: plan.lines.map(() => ({ named: true, sum: '' })),
      besides: '',
      besidesSum: '',
    },
  });
  const keep = handleSubmit(async ({ from, sum, works, besides, besidesSum }) => {
    const trouble = await actions.record((newId) => [
      add('quote', newId(), site!, {
        quoteFrom: from.trim(),
        quotePlan: plan.id,
        quoteSum: amountOf(sum)!,
        quoteLines: [
          ...plan.lines.flatMap(({ id, says }, at) =>
            works[at]?.named ? [{ work: id, says, sum: amountOf(works[at].sum) }] : [],
          ),
          ...(besides.trim() === ''
            ? []
            : [{ work: null, says: besides.trim(), sum: amountOf(besidesSum) }]),
        ],
      }),
    ]);
    if (!trouble) done();
  });
  const wrong = [
    errors.from?.message,
    errors.sum?.message,
    errors.besidesSum?.message,
    ...(Array.isArray(errors.works) ? errors.works.map((one) => one?.sum?.message) : []),
  ].filter(Boolean);
  return (
    <form className="mt-2 grid max-w-3xl gap-2" onSubmit={keep} noValidate aria-label="A quote">
      <div className="flex flex-wrap gap-3">
        <label className="text-caption text-ink2 grid flex-1 gap-0.5">
          Quote from
          <input
            className="field"
            maxLength={200}
            {...register('from', {
              validate: (text) => text.trim() !== '' || 'Say whom the quote is from',
            })}
          />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Sum
          <input
            className="field"
            inputMode="decimal"
            {...register('sum', {
              validate: (text) => (text.trim() === '' ? 'A sum is expected' : isSum(text)),
            })}
          />
        </label>
      </div>
      {plan.lines.length > 0 && (
        <fieldset className="grid gap-1">
          <legend className="font-semibold">
            Works of the plan it names, with its sum for each
          </legend>
          {plan.lines.map(({ id, says }, at) => (
            <div key={id} className="border-hair flex flex-wrap items-center gap-2 border-b py-1">
              <label className="flex min-h-10 flex-1 items-center gap-2">
                <input type="checkbox" className="size-5" {...register(`works.${at}.named`)} />
                {says}
              </label>
              <input
                className="field w-28!"
                inputMode="decimal"
                aria-label={`Sum for: ${says}`}
                {...register(`works.${at}.sum`, { validate: isSum })}
              />
            </div>
          ))}
        </fieldset>
      )}
      <div className="flex flex-wrap gap-3">
        <label className="text-caption text-ink2 grid flex-1 gap-0.5">
          What it has besides
          <input className="field" maxLength={600} {...register('besides')} />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Its sum
          <input
            className="field"
            inputMode="decimal"
            {...register('besidesSum', { validate: isSum })}
          />
        </label>
      </div>
      {wrong.length > 0 && (
        <p role="alert" className="text-danger font-semibold">
          {wrong.join('. ')}.
        </p>
      )}
      <p className="flex gap-2">
        <button className="act act-main">Record the quote</button>
        <button type="button" className="act" onClick={done}>
          Not now
        </button>
        <span className="text-ink2 self-center">
          {counted(plan.lines.length, 'work')} in the plan
        </span>
      </p>
    </form>
  );
}
