import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { findReset } from '@/server/commands/reset-password';
import { Reset } from '@/ui/Reset/Reset';

export const metadata: Metadata = {
  title: 'A new password',
  robots: { index: false, follow: false },
  referrer: 'no-referrer',
};

/** Whoever has the link of a letter chooses a new password, once. */
export default async function ResetPage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  const reset = await findReset(token);
  if (!reset) notFound();
  return <Reset token={token} {...reset} />;
}
