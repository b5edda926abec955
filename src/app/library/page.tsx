import type { Metadata } from 'next';
import { libraryPath } from '@/client/sent/paths';
import { LibraryOfOffice } from '@/ui/Library/LibraryOfOffice';
import { SentSoon } from '@/ui/primitives/SentSoon';
import { requireSession } from '../session/current';

export const metadata: Metadata = { title: 'Library' };

/** Says nothing of whoever asks: what it shows is sent by itself. */
export default async function LibraryPage() {
  await requireSession();
  return (
    <>
      <SentSoon path={libraryPath} />
      <LibraryOfOffice />
    </>
  );
}
