'use client';

import { useState } from 'react';
import { LabelledField } from '../primitives/LabelledField';
import { OpenPage, ThenSignIn } from '../primitives/OpenPage';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

/** Asks for a link to a new password. What is answered tells nobody who has an account. */
export function AskReset() {
  const awake = useAwake();
  const { post, said, busy } = usePosting(false);
  const [email, setEmail] = useState('');
  const [asked, setAsked] = useState(false);
  return (
    <OpenPage title={asked ? 'Look into your mail' : 'Password forgotten'}>
      {asked ? (
        <ThenSignIn>
          Where an account has this address, a letter with a link is on its way. It works once,
          within 24 hours. Does none arrive? Whoever manages your office can make you a link.
        </ThenSignIn>
      ) : (
        <form
          className="grid gap-4"
          onSubmit={async (event) => {
            event.preventDefault();
            setAsked((await post('/reset/submit', { email }, '')) !== undefined);
          }}
        >
          <LabelledField
            label="E-mail you sign in with"
            type="email"
            autoComplete="username"
            required
            maxLength={254}
            value={email}
            onChange={(event) => setEmail(event.target.value)}
          />
          <Said said={said} />
          <button className="act act-main min-h-11" disabled={!awake || busy}>
            Send me a link
          </button>
        </form>
      )}
    </OpenPage>
  );
}
