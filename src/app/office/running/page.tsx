import type { Metadata } from 'next';
import { readRunning } from '@/server/commands/running';
import { MayNot } from '@/ui/Office/MayNot';
import { Running } from '@/ui/Office/Running';
import { requireSession } from '../../session/current';

export const metadata: Metadata = { title: 'Running' };

export default async function RunningPage() {
  const session = await requireSession();
  if (!session.may.includes('people')) return <MayNot permission="people" />;
  const { storage, lastBackup, ...running } = await readRunning(session);
  return (
    <Running
      {...running}
      storage={{
        pictures: Number(storage.pictures),
        sounds: Number(storage.sounds),
        files: Number(storage.files),
        entries: storage.entries,
        inspections: storage.inspections,
      }}
      lastBackup={lastBackup && { at: lastBackup.at, fault: lastBackup.fault }}
    />
  );
}
