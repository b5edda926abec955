'use client';

import { useState } from 'react';
import { LabelledField } from '../primitives/LabelledField';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

export interface Profile {
  name: string;
  licence: string;
  /** YYYY-MM-DD; empty: not said. */
  licenceExpires: string;
}

/** Name and licence as they stand under what is signed from now on. */
export function ProfileForm({ profile }: { profile: Profile }) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [typed, setTyped] = useState<Profile>({
    name: profile.name,
    licence: profile.licence,
    licenceExpires: profile.licenceExpires,
  });
  const field = (name: keyof Profile) => ({
    value: typed[name],
    onChange: (event: { target: { value: string } }) =>
      setTyped({ ...typed, [name]: event.target.value }),
  });
  return (
    <form
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        await post(
          '/api/account/profile',
          typed,
          'Kept. It stands under what you sign from now on.',
        );
      }}
    >
      <LabelledField label="Name" autoComplete="name" required maxLength={200} {...field('name')} />
      <div className="grid gap-3 sm:grid-cols-2">
        <LabelledField label="Licence number" maxLength={100} {...field('licence')} />
        <LabelledField label="Its last day" type="date" {...field('licenceExpires')} />
      </div>
      <p className="text-ink2">After its last day nothing is signed with it.</p>
      <Said said={said} />
      <button className="act justify-self-start" disabled={!awake || busy}>
        Keep name and licence
      </button>
    </form>
  );
}
