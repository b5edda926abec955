import 'server-only';
import { Worker } from 'node:worker_threads';
import { inOrganisation } from '../db/connect';
import { manyStoredTextsAfter } from '../db/inspections';
import type { Rejudged, StoredText } from './rejudge-batch';

export interface RejudgeOptions {
  /** The bundled worker. */
  workerFile: string;
  workers: number;
  /** Inspections read and sent together. */
  batch: number;
}

/**
 * Judges every inspection of an organisation again, streamed from the database by key through worker
 * threads. No more batches are read than there are workers to take them, so memory stays flat.
 */
export async function* rejudge(
  organisation: string,
  { workerFile, workers: count, batch }: RejudgeOptions,
): AsyncGenerator<Rejudged[]> {
  const workers = Array.from({ length: count }, () => new Worker(workerFile));
  try {
    const under = new Map<Worker, Promise<{ worker: Worker; results: Rejudged[] }>>();
    let after = '';
    let more = true;
    const send = async (worker: Worker) => {
      const texts = await inOrganisation(organisation, (tx) =>
        manyStoredTextsAfter(tx, after, batch),
      );
      more = texts.length === batch;
      const last = texts.at(-1);
      if (!last) return;
      after = last.id;
      under.set(worker, answerOf(worker, texts));
    };
    for (const worker of workers) if (more) await send(worker);
    while (under.size > 0) {
      const { worker, results } = await Promise.race(under.values());
      under.delete(worker);
      if (more) await send(worker);
      yield results;
    }
  } finally {
    await Promise.all(workers.map((worker) => worker.terminate()));
  }
}

function answerOf(worker: Worker, batch: StoredText[]) {
  return new Promise<{ worker: Worker; results: Rejudged[] }>((resolve, reject) => {
    worker.once('message', (results: Rejudged[]) => {
      worker.off('error', reject);
      resolve({ worker, results });
    });
    worker.once('error', reject);
    worker.postMessage(batch);
  });
}
