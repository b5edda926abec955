'use client';

import { useState } from 'react';
import { LabelledField } from '../primitives/LabelledField';
import { OpenPage, ThenSignIn } from '../primitives/OpenPage';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

/** A new password for whoever followed the link. */
export function Reset({ token, name, email }: { token: string; name: string; email: string }) {
  const awake = useAwake();
  const { post, said, busy } = usePosting(false);
  const [password, setPassword] = useState('');
  const [done, setDone] = useState(false);
  if (done)
    return (
      <OpenPage title="The password is changed">
        <ThenSignIn>This link is used up, and every device is signed out.</ThenSignIn>
      </OpenPage>
    );
  return (
    <OpenPage title="A new password">
      <form
        className="grid gap-4"
        onSubmit={async (event) => {
          event.preventDefault();
          setDone((await post(`/reset/${token}/submit`, { password }, '')) !== undefined);
        }}
      >
        <p className="text-ink2">
          For {name}, {email}. Every device signed in with the old one is signed out; what it holds
          stays on it until you sign in there again.
        </p>
        <input type="hidden" name="username" autoComplete="username" value={email} readOnly />
        <LabelledField
          label="Password, 12 characters or more"
          type="password"
          autoComplete="new-password"
          required
          minLength={12}
          maxLength={500}
          value={password}
          onChange={(event) => setPassword(event.target.value)}
        />
        <Said said={said} />
        <button className="act act-main min-h-11" disabled={!awake || busy}>
          Set the password
        </button>
      </form>
    </OpenPage>
  );
}
