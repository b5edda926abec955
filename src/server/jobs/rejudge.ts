import 'server-only';
import { join } from 'node:path';
import { setFlagsFromString } from 'node:v8';
import { Worker } from 'node:worker_threads';
import type { CodeDigests } from '../code-digests';
import { bookOf, codeDigests } from '../code-digests';
import { inOrganisation } from '../db/connect';
import type { ToJudgeRow } from '../db/judged';
import { manyBooks, manyJudged, manyStanding, manyToJudge } from '../db/judged';
import type { RejudgeJob } from '../db/queue';
import { loadStored, materialise, wordsOf } from '../commands/stored-inspection';
import { manyIdsBehind, maybeOneInspectionLocked } from '../db/inspections';
import { log } from '../run/log';
import type { Books, Rejudged } from './rejudge-batch';

/** What one inspection leaves behind is thrown away before it grows old. */
const resourceLimits = { maxYoungGenerationSizeMb: 192 };

/**
 * Each thread compiles the rules for itself, beside the judging; with less written into each other it takes a sixth
 * less of both cores (measured by bin/bench, part rejudge).
 */
const compileLess = '--max-inlined-bytecode-size-cumulative=200';

export interface RejudgeOptions {
  /** The bundled worker. */
  workerFile?: string;
  workers?: number;
  /** Inspections read and sent together. */
  batch?: number;
  /** The code that judges; undefined: as this program was built. */
  digests?: CodeDigests | undefined;
}

/**
 * Judges what an office has that is not judged yet, then again what it has of older rules, and says how much could
 * not be read.
 */
export async function rejudgeOffice({ organisation }: RejudgeJob): Promise<void> {
  await judgeBehind(organisation);
  for await (const results of rejudge(organisation))
    for (const { id, fault } of results)
      if (fault) log.error({ organisation, inspection: id, fault }, 'could not be judged again');
}

/** Judges inspections whose latest entries came many at once. One that cannot be read holds up no other. */
export async function judgeBehind(organisation: string): Promise<void> {
  const behind = await inOrganisation(organisation, (tx) => manyIdsBehind(tx));
  for (const { id } of behind)
    try {
      await inOrganisation(organisation, async (tx) => {
        const row = await maybeOneInspectionLocked(tx, id);
        if (row) await materialise(tx, organisation, await loadStored(tx, row));
      });
    } catch (error) {
      log.error({ organisation, inspection: id, fault: (error as Error).message }, 'not judged');
    }
}

/**
 * Judges every inspection of an organisation again whose figures are of another book of rules, streamed from the
 * database by key through worker threads, and writes what lists show of them. No more batches are read than there
 * are workers to take them, so memory stays flat. What somebody adds to meanwhile is judged by that already.
 */
export async function* rejudge(
  organisation: string,
  {
    workerFile = join(process.cwd(), '.next/east-gate/rejudge.mjs'),
    workers: count = 1,
    batch = 50,
    digests = codeDigests(),
  }: RejudgeOptions = {},
): AsyncGenerator<Rejudged[]> {
  if (!digests) return;
  setFlagsFromString(compileLess);
  const by = { book: bookOf(digests), reader: digests.reader };
  const before = await inOrganisation(organisation, (tx) =>
    manyBooks(tx, organisation, by.book, digests),
  );
  const workers: Worker[] = [];
  const workerData: Books = { now: digests, before };
  try {
    const under = new Map<
      Worker,
      Promise<{ worker: Worker; rows: ToJudgeRow[]; results: Rejudged[] }>
    >();
    let after = '';
    let more = true;
    const read = async (): Promise<ToJudgeRow[]> => {
      const rows = await inOrganisation(organisation, (tx) =>
        manyToJudge(tx, { after, most: batch, ...by }),
      );
      more = rows.length === batch;
      after = rows.at(-1)?.id ?? after;
      return rows;
    };
    const send = (worker: Worker, rows: ToJudgeRow[]) =>
      under.set(
        worker,
        answerOf(worker, rows).then((results) => ({ worker, rows, results })),
      );
    while (more && workers.length < count) {
      const rows = await read();
      if (rows.length === 0) break;
      const worker = new Worker(workerFile, { workerData, resourceLimits });
      workers.push(worker);
      send(worker, rows);
    }
    while (under.size > 0) {
      const { worker, rows, results } = await Promise.race(under.values());
      under.delete(worker);
      const next = more ? await read() : [];
      if (next.length > 0) send(worker, next);
      await write(organisation, by, rows, results);
      yield results;
    }
  } finally {
    await Promise.all(workers.map((worker) => worker.terminate()));
  }
}

async function write(
  organisation: string,
  by: { book: string; reader: string },
  rows: readonly ToJudgeRow[],
  results: readonly Rejudged[],
): Promise<void> {
  const standing = rows.filter((_, index) => !results[index]!.figures && !results[index]!.fault);
  const before: string[] = [];
  const judged = rows.flatMap(({ id, version, number, words: was }, index) => {
    const { figures, kept = null, answers = null } = results[index]!;
    if (!figures) return [];
    before.push(was);
    const {
      words,
      findings,
      seen_share,
      danger_open,
      due_on,
      acts_made,
      acts_agreed,
      acts_called,
    } = figures;
    return {
      ...{ id, version, findings, seen_share, danger_open, due_on },
      ...{ acts_made, acts_agreed, acts_called, kept, answers },
      words: wordsOf(words, number),
    };
  });
  await inOrganisation(organisation, async (tx) => {
    if (standing.length > 0) await manyStanding(tx, by.book, standing);
    for (const found of [true, false]) {
      const those = judged.filter(({ words }, index) => (words !== before[index]) === found);
      if (those.length > 0) await manyJudged(tx, { ...by, found }, those);
    }
  });
}

function answerOf(worker: Worker, batch: ToJudgeRow[]) {
  return new Promise<Rejudged[]>((resolve, reject) => {
    worker.once('message', (results: Rejudged[]) => {
      worker.off('error', reject);
      resolve(results);
    });
    worker.once('error', reject);
    worker.postMessage(batch);
  });
}
