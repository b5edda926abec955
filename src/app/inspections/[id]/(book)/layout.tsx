import type { ReactNode } from 'react';
import { preload } from 'react-dom';
import { Book } from '@/ui/Book/Book';
import { bookPath } from '@/ui/Book/sent';
import { requireSession } from '../../../session/current';
import { sentSoon } from '../../../session/sent-soon';

/** Says nothing of the inspection but its id: what it is drawn from is sent by itself. */
export default async function BookLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  await requireSession();
  const { id } = await params;
  preload(bookPath(id), sentSoon);
  return (
    <Book key={id} inspection={id}>
      {children}
    </Book>
  );
}
