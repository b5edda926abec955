import { performance } from 'node:perf_hooks';
import type { deliverEntries as deliver } from '@/server/commands/deliver-entries';

/**
 * One source's delivery, in a process of its own: entries in, milliseconds out. Its programs are those of the
 * folder given, its threads those of the folder it runs in.
 */
const { deliverEntries } = (await import(`${process.argv[2]}/deliver-entries.mjs`)) as {
  deliverEntries: typeof deliver;
};

process.on('message', (given: { session: never; inspection: string; entries: unknown[] }) => {
  const start = performance.now();
  void deliverEntries(given.session, {
    inspection: given.inspection,
    entries: given.entries,
  }).then(
    (answer) => process.send!({ ms: performance.now() - start, answer }),
    (error: Error) => process.send!({ fault: error.stack }),
  );
});
process.send!('ready');
