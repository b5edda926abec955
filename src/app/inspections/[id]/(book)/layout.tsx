import type { ReactNode } from 'react';
import { Book } from '@/ui/Book/Book';
import { bookPath } from '@/client/sent/paths';
import { SentSoon } from '@/ui/primitives/SentSoon';
import { requireSession } from '../../../session/current';

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
  return (
    <>
      <SentSoon path={bookPath(id)} />
      <Book key={id} inspection={id}>
        {children}
      </Book>
    </>
  );
}
