import type { Metadata } from 'next';
import { readSettings } from '@/server/commands/read-inspection';
import { Library } from '@/ui/Library/Library';
import { requireSession } from '../session/current';

export const metadata: Metadata = { title: 'Library' };

export default async function LibraryPage() {
  const session = await requireSession();
  return <Library session={session} settings={await readSettings(session)} />;
}
