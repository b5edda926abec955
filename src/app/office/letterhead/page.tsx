import type { Metadata } from 'next';
import { readLetterhead } from '@/server/commands/letterhead';
import { LetterheadForm } from '@/ui/Office/LetterheadForm';
import { MayNot } from '@/ui/Office/MayNot';
import { requireSession } from '../../session/current';

export const metadata: Metadata = { title: 'Letterhead' };

export default async function LetterheadPage() {
  const session = await requireSession();
  if (!session.may.includes('library')) return <MayNot permission="library" />;
  return <LetterheadForm office={session.organisationName} {...await readLetterhead(session)} />;
}
