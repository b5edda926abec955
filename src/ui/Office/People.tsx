'use client';

import type { Permission } from '@/core/vocabulary/permission';
import { localTimeWords } from '../primitives/local-time';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';
import { InviteForm } from './InviteForm';
import { mayWords } from './may-words';
import type { Person } from './person';
import { PersonItem } from './PersonItem';

interface Invite {
  id: string;
  email: string;
  may: Permission[];
  made: string;
}

interface PeopleProps {
  own: string;
  people: readonly Person[];
  invites: readonly Invite[];
}

/** Who works here, what each may do, and who is invited. */
export function People({ own, people, invites }: PeopleProps) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const here = people.filter(({ left }) => !left);
  const gone = people.filter(({ left }) => left);
  return (
    <div className="grid gap-8">
      <section aria-labelledby="here">
        <h2 id="here" className="text-heading font-bold">
          Who works here
        </h2>
        <ul className="border-ink mt-2 border-t-2">
          {here.map((person) => (
            <PersonItem
              key={person.id}
              person={person}
              own={person.id === own}
              colleagues={here.filter(({ id }) => id !== person.id)}
            />
          ))}
        </ul>
      </section>
      <section aria-labelledby="invite" className="grid gap-3">
        <h2 id="invite" className="text-heading font-bold">
          Invite somebody
        </h2>
        <InviteForm />
        {invites.length > 0 && (
          <ul className="border-ink border-t-2" aria-label="Open invitations">
            {invites.map((one) => (
              <li key={one.id} className="border-hair flex items-center gap-3 border-b py-2">
                <span>
                  <span className="font-semibold">{one.email}</span>
                  <br />
                  <span className="text-ink2" suppressHydrationWarning>
                    {mayWords(one.may)}; invited {localTimeWords(one.made)}, open for seven days
                  </span>
                </span>
                <button
                  className="act ml-auto"
                  type="button"
                  disabled={!awake || busy}
                  aria-label={`Take back the invitation of ${one.email}`}
                  onClick={() => void post('/api/people/revoke', { invite: one.id }, 'Taken back.')}
                >
                  Take back
                </button>
              </li>
            ))}
          </ul>
        )}
        <Said said={said} />
      </section>
      {gone.length > 0 && (
        <section aria-labelledby="gone">
          <h2 id="gone" className="text-heading font-bold">
            Who left
          </h2>
          <p className="text-ink2">What they recorded and signed stays theirs.</p>
          <ul className="border-ink mt-2 border-t-2">
            {gone.map((person) => (
              <li key={person.id} className="border-hair flex items-center gap-3 border-b py-2">
                <span>
                  <span className="font-semibold">{person.name}</span>
                  <br />
                  <span className="text-ink2">{person.email}</span>
                </span>
                <button
                  className="act ml-auto"
                  type="button"
                  disabled={!awake || busy}
                  aria-label={`Give ${person.name} access again`}
                  onClick={() =>
                    void post(
                      '/api/people/reactivate',
                      { member: person.id },
                      `${person.name} may sign in again.`,
                    )
                  }
                >
                  Give access again
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
