import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { wantedAfter } from '@/core/vocabulary/sign-in-path';
import { SignIn } from '@/ui/SignIn/SignIn';
import { demoAccounts } from '@/server/demo/accounts';
import { canHavePasskeys } from '@/server/commands/passkeys';
import { publicOrigin } from '../session/origin';
import { currentSession } from '../session/current';

export const metadata: Metadata = { title: 'Sign in' };

export default async function SignInPage({
  searchParams,
}: {
  searchParams: Promise<Record<'outcome' | 'after', string | string[] | undefined>>;
}) {
  const { outcome, after: asked } = await searchParams;
  const after = wantedAfter(typeof asked === 'string' ? asked : undefined);
  if (await currentSession()) redirect(after);
  return (
    <SignIn
      outcome={typeof outcome === 'string' ? outcome : undefined}
      after={after}
      accounts={demoAccounts()}
      passkeys={canHavePasskeys(publicOrigin())}
    />
  );
}
