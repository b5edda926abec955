'use client';

import { useState } from 'react';
import { LabelledField } from '../primitives/LabelledField';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

/** A new password, by the old one. */
export function PasswordForm({ email }: { email: string }) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [password, setPassword] = useState('');
  const [wanted, setWanted] = useState('');
  return (
    <form
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        const done = await post(
          '/api/account/password',
          { password, wanted },
          'Changed. Every other device is signed out.',
        );
        if (done === undefined) return;
        setPassword('');
        setWanted('');
      }}
    >
      <input type="hidden" name="username" autoComplete="username" value={email} readOnly />
      <LabelledField
        label="Password now"
        type="password"
        autoComplete="current-password"
        required
        maxLength={500}
        value={password}
        onChange={(event) => setPassword(event.target.value)}
      />
      <LabelledField
        label="New password, 12 characters or more"
        type="password"
        autoComplete="new-password"
        required
        minLength={12}
        maxLength={500}
        value={wanted}
        onChange={(event) => setWanted(event.target.value)}
      />
      <Said said={said} />
      <button className="act justify-self-start" disabled={!awake || busy}>
        Change the password
      </button>
    </form>
  );
}
