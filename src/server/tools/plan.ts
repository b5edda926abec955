import { readFile } from 'node:fs/promises';
import loadHighs from 'highs';
import type { Highs } from 'highs';
import {
  answerTo,
  follow,
  groundOf,
  namedPlans,
  plansAlong,
  prepare,
  readProblem,
  wishesOf,
} from '@/core';
import { planFigures } from '@/core/advise/planning/plan-figures';
import { describeFault } from '@/core/vocabulary/fault';
import type { InspectionPackage } from '@/core';
import { readPackage } from '../package-file';

/** Prints the plans of a package, or the exact front of an abstract problem, as JSON. */
async function main(): Promise<number> {
  const [file, ...more] = process.argv.slice(2);
  if (!file || more.length > 0) return complain('usage: bin/plan FILE');
  let bytes: Buffer;
  try {
    bytes = await readFile(file);
  } catch (error) {
    return complain(`${file}: ${error instanceof Error ? error.message : String(error)}`);
  }
  const json = jsonIn(bytes);
  if (json !== undefined && !isPackage(json)) {
    const read = readProblem(json);
    if (!read.ok) return complain(`${file}: ${read.message}`);
    return print(answerTo(await loadHighs(), read.problem));
  }
  const parsed = await readPackage(bytes);
  if (!parsed.ok) return complain(`${file}: ${describeFault(parsed.faults[0]!)}`);
  return print(plansOf(await loadHighs(), parsed.value.document));
}

function plansOf(highs: Highs, { inspection, settings, entries }: InspectionPackage) {
  const followed = follow(entries, settings);
  const { costBook } = settings;
  const prepared = prepare({
    ground: groundOf(followed),
    book: costBook,
    wishes: wishesOf(followed.site),
  });
  const { plans, without, none, objections } = namedPlans(highs, prepared);
  const front = [...plansAlong(highs, prepared, 'repair', false).points];
  return {
    inspection: inspection.id,
    costBook: costBook.version,
    plans: plans.map((plan) => planFigures(plan, costBook)),
    front: front.map(({ plan }) => planFigures(plan, costBook)),
    notMended: without.map(({ key }) => key),
    noPlan: none,
    judgedAgain: objections.map(({ says }) => says),
  };
}

/** The JSON a file is, where it is any. */
function jsonIn(bytes: Buffer): unknown {
  try {
    return JSON.parse(bytes.toString('utf8')) as unknown;
  } catch {
    return undefined;
  }
}

const isPackage = (json: unknown) =>
  typeof json === 'object' && json !== null && ('format' in json || 'entries' in json);

function print(answer: object): number {
  process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
  return 0;
}

function complain(message: string): number {
  process.stderr.write(`${message.replace(/\s*\n\s*/g, ' ')}\n`);
  return 2;
}

process.exitCode = await main();
