import { parentPort, workerData } from 'node:worker_threads';
import type { ToJudgeRow } from '../db/judged';
import type { Books } from './rejudge-batch';
import { rejudgeBatch } from './rejudge-batch';

/** One batch in, its results out. */
const books = workerData as Books;
parentPort?.on('message', (batch: ToJudgeRow[]) =>
  parentPort!.postMessage(rejudgeBatch(batch, books)),
);
