'use client';

import type { Permission } from '@/core/vocabulary/permission';
import { permissionWords } from '@/core/vocabulary/permission';
import { PageHeader } from '../primitives/PageHeader';
import { OwnSessions } from './OwnSessions';
import type { OwnSession } from './OwnSessions';
import { Passkeys } from './Passkeys';
import type { Passkey } from './Passkeys';
import { PasswordForm } from './PasswordForm';
import { ScreenLock } from './ScreenLock';
import type { Profile } from './ProfileForm';
import { ProfileForm } from './ProfileForm';

interface AccountProps {
  office: string;
  person: Profile & { email: string };
  may: readonly Permission[];
  sessions: readonly OwnSession[];
  passkeys: readonly Passkey[];
}

/** What a member sets of himself: who he is here, and how he signs in. */
export function Account({ office, person, may, sessions, passkeys }: AccountProps) {
  return (
    <>
      <PageHeader title="Your account" office={office} />
      <main className="mx-auto grid max-w-4xl gap-8 p-4 md:grid-cols-2 md:p-6">
        <section aria-labelledby="profile" className="grid content-start gap-3">
          <h2 id="profile" className="text-heading font-bold">
            Name and licence
          </h2>
          <ProfileForm profile={person} />
          <p className="text-ink2">
            You sign in as {person.email}. You may read everything here
            {may.length > 0 && `, ${may.map((one) => permissionWords[one]).join('; ')}`}.
          </p>
        </section>
        <section aria-labelledby="password" className="grid content-start gap-3">
          <h2 id="password" className="text-heading font-bold">
            Password
          </h2>
          <PasswordForm email={person.email} />
        </section>
        <section aria-labelledby="passkeys" className="grid content-start gap-3">
          <h2 id="passkeys" className="text-heading font-bold">
            Passkeys
          </h2>
          <Passkeys passkeys={passkeys} />
        </section>
        <section aria-labelledby="lock" className="grid content-start gap-3">
          <h2 id="lock" className="text-heading font-bold">
            Lock of this device
          </h2>
          <ScreenLock passkeys={passkeys.map(({ id }) => id)} />
        </section>
        <section aria-labelledby="sessions" className="grid content-start gap-3">
          <h2 id="sessions" className="text-heading font-bold">
            Where you are signed in
          </h2>
          <OwnSessions sessions={sessions} />
        </section>
      </main>
    </>
  );
}
