'use client';

import { useState } from 'react';
import type { Permission } from '@/core/vocabulary/permission';
import { roles } from '@/core/vocabulary/permission';
import { LabelledField } from '../primitives/LabelledField';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';
import { LinkShown } from './LinkShown';
import { MayChoice } from './MayChoice';

/** Invites a colleague by a letter; its link is shown too, for where no letter arrives. */
export function InviteForm() {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [email, setEmail] = useState('');
  const [may, setMay] = useState<readonly Permission[]>(roles.inspector.may);
  const [url, setUrl] = useState<string>();
  return (
    <form
      className="bg-sheet border-line grid max-w-2xl gap-3 border p-4"
      onSubmit={async (event) => {
        event.preventDefault();
        const made = await post<{ url: string }>(
          '/api/people/invite',
          { email, may },
          `${email} is invited.`,
        );
        setUrl(made?.url);
        if (made) setEmail('');
      }}
    >
      <LabelledField
        label="E-mail"
        type="email"
        autoComplete="off"
        required
        maxLength={254}
        value={email}
        onChange={(event) => setEmail(event.target.value)}
      />
      <MayChoice may={may} choose={setMay} />
      <Said said={said} />
      {url && <LinkShown url={url} />}
      <button className="act act-main justify-self-start" disabled={!awake || busy}>
        Invite
      </button>
    </form>
  );
}
