import 'server-only';
import { readFileSync } from 'node:fs';
import { inOrganisation } from '../db/connect';
import type { QueueRow, StorageRow } from '../db/standing';
import { manyQueueCounts, oneStorage, oneVersion } from '../db/standing';
import { areLettersSent } from '../letters/write-letter';
import type { LastBackup } from '../run/nightly';
import { readLastBackup, readStanding } from '../run/standing';
import type { StandingLine } from '../web/standing-page';
import { standingLines } from '../web/standing-page';
import type { Session } from '../session';
import { demand } from '../session';

/** What runs, what waits, what is held, and of which age it is. */
export interface Running {
  parts: StandingLine[];
  queue: QueueRow[];
  storage: StorageRow;
  versions: { eastGate: string; node: string; postgres: string; migration: string };
  lettersSent: boolean;
  /** Backups are made by themselves. */
  backedUp: boolean;
  lastBackup: LastBackup | undefined;
}

export async function readRunning(session: Session): Promise<Running> {
  demand(session, 'people');
  return inOrganisation(session.organisation, async (tx) => {
    const { migration, postgres } = await oneVersion(tx);
    return {
      parts: standingLines({
        parts: readStanding(process.env.EAST_GATE_STANDING),
        database: true,
      }),
      queue: await manyQueueCounts(tx),
      storage: await oneStorage(tx),
      versions: { eastGate: version(), node: process.version, postgres, migration },
      lettersSent: areLettersSent(),
      backedUp: !!process.env.BACKUP_FOLDER,
      lastBackup: readLastBackup(process.env.EAST_GATE_DATA ?? '.data'),
    };
  });
}

const version = (): string =>
  (JSON.parse(readFileSync('package.json', 'utf8')) as { version: string }).version;
