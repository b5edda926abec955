import type { ReactNode } from 'react';
import { readBook } from '@/server/commands/read-book';
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
  return (
    <Book key={id} session={session} inspection={id} text={await readBook(session, id)}>
      {children}
    </Book>
  );
}
