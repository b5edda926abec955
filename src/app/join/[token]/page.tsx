import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { findInvite } from '@/server/commands/invite';
import { Join } from '@/ui/Join/Join';

export const metadata: Metadata = {
  title: 'Join an office',
  robots: { index: false, follow: false },
  referrer: 'no-referrer',
};

/** Whoever was invited says who he is, once. */
export default async function JoinPage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  const invite = await findInvite(token);
  if (!invite) notFound();
  return (
    <Join
      token={token}
      office={invite.organisation}
      email={invite.email}
      invitedBy={invite.invited_by}
    />
  );
}
