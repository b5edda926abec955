import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { SignIn } from '@/ui/SignIn/SignIn';
import { demoAccounts } from '@/server/demo/accounts';
import { canHavePasskeys } from '@/server/commands/passkeys';
import { publicOrigin } from '../session/origin';
import { currentSession } from '../session/current';

export const metadata: Metadata = { title: 'Sign in' };

export default async function SignInPage({
  searchParams,
}: {
  searchParams: Promise<{ outcome?: string }>;
}) {
  if (await currentSession()) redirect('/');
  const { outcome } = await searchParams;
  return (
    <SignIn
      outcome={outcome}
      accounts={demoAccounts()}
      passkeys={canHavePasskeys(publicOrigin())}
    />
  );
}
