import type { Range } from '../../codes/cost-book/cost-book';
import type { Assessment } from '../../judge/assess/assessment';
import type { PropertyValue } from '../../record/entries/properties';
import { besideTheFindings } from '../../advise/planning/chosen-plans';
import { splitRef } from '../../record/entries/thing-types';
import { gives, tellFirst } from '../../advise/planning/tell-first';
import { counted, listed } from '../../vocabulary/phrases';
import type { Hazard } from '../../vocabulary/severity';
import { hazardWords } from './comparisons';
import type { DateStyle } from '../../codes/settings/letterhead';
import { dayWords } from './dates';

/** One of the plans laid side by side, as a client reads it. */
export interface ReportWay {
  name: string;
  chosen: boolean;
  /** The one before it, where it puts right all of that, too. */
  and: string | undefined;
  /** What it puts right beyond that. */
  puts: string[];
  stays: string[];
  /** From low to high, and likely, rounded. */
  cost: string;
  dark: string[];
  /** "fire and shock" */
  against: string;
}

/** The plan that was chosen: beside what else there was, step by step, and as a sheet to be priced. */
export interface ReportPlans {
  name: string;
  by: string | undefined;
  on: string;
  /** Facts of the place recorded since: it was made before them. */
  since: number;
  ways: ReportWay[];
  /** Who is told before, with the reference given or that it is wanted. */
  tell: string[];
  steps: string[];
  /** Works, to be priced by whoever quotes. */
  works: string[];
}

type Offered = PropertyValue<'planOffered'>[number];

/** The plan chosen last, where it was recorded with what it stood beside. */
export function reportPlans(
  { site, settings, inspection }: Assessment,
  dates?: DateStyle,
): ReportPlans | undefined {
  const { reader } = site;
  const chosen = [...reader.inspection.things.values()]
    .filter(({ id, type }) => type === 'plan' && !reader.value(id, 'removed'))
    .at(-1)?.id;
  const name = chosen === undefined ? undefined : reader.fact(chosen, 'planName');
  if (chosen === undefined || !name) return undefined;
  const offered = reader.value(chosen, 'planOffered') ?? [];
  const { currency } = settings.costBook;
  return {
    name: name.value,
    by: reader.value(chosen, 'planBy'),
    on: dayWords(name.at, dates),
    since: factsSince(inspection, name.at),
    ways: offered.map((one, at) => wayOf(one, offered[at - 1], currency)),
    tell: tellFirst(reader, chosen).map(
      ({ whom, why, days, reference }) =>
        `${gives[whom].words}: ${why}; ${reference === undefined ? `${gives[whom].gives} wanted, about ${counted(days, 'day')}` : `${gives[whom].gives} ${reference}`}.`,
    ),
    steps: [...(reader.value(chosen, 'planSteps') ?? [])],
    works: [...(reader.value(chosen, 'planWorks') ?? [])],
  };
}

/** Facts recorded after a moment that a plan could hang on. */
function factsSince({ facts, things }: Assessment['inspection'], moment: string): number {
  let many = 0;
  for (const [about, of] of facts) {
    const type = things.get(splitRef(about).thing)?.type;
    if (type === undefined || besideTheFindings.has(type)) continue;
    for (const all of of.values())
      many += all.filter(({ at }) => Date.parse(at) > Date.parse(moment)).length;
  }
  return many;
}

function wayOf(one: Offered, before: Offered | undefined, currency: string): ReportWay {
  const and =
    before !== undefined &&
    before.mends.length > 0 &&
    before.mends.every((says) => one.mends.includes(says));
  return {
    name: one.name,
    chosen: one.chosen,
    and: and ? before.name : undefined,
    puts: and ? one.mends.filter((says) => !before.mends.includes(says)) : [...one.mends],
    stays: [...one.stays],
    cost: costWords(one.cost, currency),
    dark: one.dark.map(({ says, minutes }) => `${says}, ${hours(minutes)}`),
    against: listed(
      one.hazards.flatMap((hazard) => hazardWords[hazard as Hazard]?.toLowerCase() ?? []),
    ),
  };
}

const tens = (amount: number) => (Math.round(amount / 10) * 10).toLocaleString('en-US');

/** "$310 to $600, likely $410": to ten, as estimates are. */
const costWords = ({ low, likely, high }: Range, currency: string): string =>
  high === 0
    ? 'nothing'
    : `${currency}${tens(low)} to ${currency}${tens(high)}, likely ${currency}${tens(likely)}`;

/** "about 2 hours": to the whole hour, never less than one. */
const hours = (minutes: number): string => {
  const whole = Math.max(1, Math.round(minutes / 60));
  return `about ${whole} ${whole === 1 ? 'hour' : 'hours'}`;
};
