import type { ReactNode } from 'react';
import { readInspection, readSettings } from '@/server/commands/read-inspection';
import { asRead } from '@/server/commands/stored-inspection';
import { Book } from '@/ui/Book/Book';
import { requireSession } from '../../../session/current';

export default async function BookLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  const session = await requireSession();
  const { id } = await params;
  const kept = await readInspection(session, id);
  const stored = kept && asRead(kept);
  return (
    <Book
      key={id}
      session={session}
      inspection={id}
      settings={stored?.settings ?? (await readSettings(session))}
      entries={stored?.entries ?? []}
      authors={stored?.authors ?? []}
      carried={stored?.carried ?? []}
    >
      {children}
    </Book>
  );
}
