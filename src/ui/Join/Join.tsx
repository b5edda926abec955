'use client';

import { useState } from 'react';
import { valibotResolver } from '@hookform/resolvers/valibot';
import { useForm } from 'react-hook-form';
import * as v from 'valibot';
import { LabelledField } from '../primitives/LabelledField';
import { OpenPage, ThenSignIn } from '../primitives/OpenPage';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

const joinSchema = v.object({
  name: v.pipe(v.string(), v.trim(), v.minLength(1, 'Say your name as it stands under a report.')),
  licence: v.pipe(v.string(), v.trim()),
  licenceExpires: v.string(),
  password: v.pipe(v.string(), v.minLength(12, 'At least 12 characters.')),
});

interface JoinProps {
  token: string;
  office: string;
  email: string;
  invitedBy: string;
}

/** Whoever was invited says who he is. */
export function Join({ token, office, email, invitedBy }: JoinProps) {
  const awake = useAwake();
  const { post, said } = usePosting(false);
  const [joined, setJoined] = useState(false);
  const { register, handleSubmit, formState } = useForm<v.InferInput<typeof joinSchema>>({
    resolver: valibotResolver(joinSchema),
    defaultValues: { name: '', licence: '', licenceExpires: '', password: '' },
  });
  const fault = (name: keyof typeof formState.errors) => formState.errors[name]?.message;
  if (joined)
    return (
      <OpenPage title={`You belong to ${office} now`}>
        <ThenSignIn>This link is used up. Your address is {email}.</ThenSignIn>
      </OpenPage>
    );
  return (
    <OpenPage title={`Join ${office}`}>
      <form
        className="grid gap-4"
        onSubmit={handleSubmit(async (typed) =>
          setJoined((await post(`/join/${token}/submit`, typed, '')) !== undefined),
        )}
      >
        <p className="text-ink2">
          {invitedBy} invited you as {email}. Name and licence stand under what you sign.
        </p>
        <LabelledField
          label="Your name"
          autoComplete="name"
          fault={fault('name')}
          {...register('name')}
        />
        <div className="grid gap-4 sm:grid-cols-2">
          <LabelledField
            label="Licence number, if any"
            fault={fault('licence')}
            {...register('licence')}
          />
          <LabelledField
            label="Its last day, if it has one"
            type="date"
            fault={fault('licenceExpires')}
            {...register('licenceExpires')}
          />
        </div>
        <LabelledField
          label="Password, 12 characters or more"
          type="password"
          autoComplete="new-password"
          fault={fault('password')}
          {...register('password')}
        />
        <Said said={said} />
        <button className="act act-main min-h-11" disabled={!awake || formState.isSubmitting}>
          Join
        </button>
      </form>
    </OpenPage>
  );
}
