import type { Metadata } from 'next';
import { SentSoon } from '@/ui/primitives/SentSoon';
import { Today } from '@/ui/Today/Today';
import { todayPath } from '@/client/sent/paths';
import { requireSession } from './session/current';

export const metadata: Metadata = { title: 'Today' };

/** Says nothing of whoever asks: what it shows is sent by itself. */
export default async function TodayPage({
  searchParams,
}: {
  searchParams: Promise<{ q?: string | string[] }>;
}) {
  await requireSession();
  const { q } = await searchParams;
  const words = (Array.isArray(q) ? q[0] : q)?.slice(0, 200) ?? '';
  return (
    <>
      <SentSoon path={todayPath(words)} />
      <Today words={words} />
    </>
  );
}
