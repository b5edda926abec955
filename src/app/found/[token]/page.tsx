import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { isFoundingOpen } from '@/server/commands/found-office';
import { Found } from '@/ui/Found/Found';

export const metadata: Metadata = {
  title: 'Found your office',
  robots: { index: false, follow: false },
  referrer: 'no-referrer',
};

/** Whoever has the link the first start printed founds the office with it, once. */
export default async function FoundPage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  if (!(await isFoundingOpen(token))) notFound();
  return <Found token={token} />;
}
