import type { Metadata } from 'next';
import { readSettingsVersion } from '@/server/commands/read-inspection';
import { Library } from '@/ui/Library/Library';
import { requireSession } from '../session/current';

export const metadata: Metadata = { title: 'Library' };

export default async function LibraryPage() {
  const session = await requireSession();
  return <Library session={session} {...await readSettingsVersion(session)} />;
}
