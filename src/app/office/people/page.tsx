import type { Metadata } from 'next';
import type { Permission } from '@/core/vocabulary/permission';
import { listPeople } from '@/server/commands/people';
import { MayNot } from '@/ui/Office/MayNot';
import { People } from '@/ui/Office/People';
import { requireSession } from '../../session/current';

export const metadata: Metadata = { title: 'People' };

export default async function PeoplePage() {
  const session = await requireSession();
  if (!session.may.includes('people')) return <MayNot permission="people" />;
  const { people, invites } = await listPeople(session);
  return (
    <People
      own={session.member}
      people={people.map((person) => ({
        id: person.id,
        name: person.name,
        email: person.email,
        licence: person.licence,
        licenceExpires: person.licence_expires ?? '',
        scope: person.scope ?? '',
        may: person.may as Permission[],
        left: person.deactivated_at?.toISOString(),
      }))}
      invites={invites.map(({ id, email, may, made_at }) => ({
        id,
        email,
        may: may as Permission[],
        made: made_at.toISOString(),
      }))}
    />
  );
}
