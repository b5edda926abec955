import type { Metadata } from 'next';
import { readAccount } from '@/server/commands/account';
import { Account } from '@/ui/Account/Account';
import { requireSession } from '../session/current';

export const metadata: Metadata = { title: 'Your account' };

export default async function AccountPage() {
  const session = await requireSession();
  const { person, sessions, passkeys } = await readAccount(session);
  return (
    <Account
      office={session.organisationName}
      person={{
        name: person.name,
        email: person.email,
        licence: person.licence,
        licenceExpires: person.licence_expires ?? '',
      }}
      may={session.may}
      sessions={sessions.map(({ id, device, created_at, used_at }) => ({
        id,
        device,
        begun: created_at.toISOString(),
        used: used_at.toISOString(),
        here: id === session.id,
      }))}
      passkeys={passkeys.map(({ credential_id, name, made_at, used_at }) => ({
        id: credential_id,
        name,
        made: made_at.toISOString(),
        used: used_at?.toISOString(),
      }))}
    />
  );
}
