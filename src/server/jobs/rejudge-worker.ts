import { parentPort } from 'node:worker_threads';
import type { StoredText } from './rejudge-batch';
import { rejudgeBatch } from './rejudge-batch';

/** One batch in, its results out. */
parentPort?.on('message', (batch: StoredText[]) => parentPort!.postMessage(rejudgeBatch(batch)));
