'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { valibotResolver } from '@hookform/resolvers/valibot';
import { Controller, useForm, useWatch } from 'react-hook-form';
import * as v from 'valibot';
import { postJson } from '@/client/http';
import { OneOf } from '../primitives/OneOf';
import { useAwake } from '../primitives/use-awake';

const signSchema = v.object({
  kind: v.picklist(['report', 'closing']),
  password: v.pipe(v.string(), v.minLength(1)),
  changes: v.pipe(v.string(), v.trim()),
});

interface SignFormProps {
  inspection: string;
  member: { name: string; licence: string };
  ready: boolean;
  /** The report a new one would revise. */
  revises: string | undefined;
  /** The report a closing report would close. */
  closes: string | undefined;
  closedBefore: boolean;
}

/** Signed by the member signed in, whose password is asked again; the report is sealed with the exact entries as they are now. */
export function SignForm({
  inspection,
  member,
  ready,
  revises,
  closes,
  closedBefore,
}: SignFormProps) {
  const router = useRouter();
  const [faults, setFaults] = useState<string[]>([]);
  const { register, control, handleSubmit, formState, resetField } = useForm<
    v.InferInput<typeof signSchema>,
    unknown,
    v.InferOutput<typeof signSchema>
  >({
    resolver: valibotResolver(signSchema),
    defaultValues: {
      kind: 'report',
      password: '',
      changes: '',
    },
  });
  const kind = useWatch({ control, name: 'kind' });
  const awake = useAwake();
  const busy = formState.isSubmitting;
  const revision = kind === 'report' ? revises !== undefined : closedBefore;
  const issue = handleSubmit(async (signed) => {
    const issued = await postJson('/api/reports', { inspection, ...signed });
    setFaults(issued.ok ? [] : issued.faults);
    resetField('password');
    if (issued.ok) router.refresh();
  });
  return (
    <form className="grid gap-3" onSubmit={issue} aria-label="Sign and issue">
      {closes && (
        <Controller
          control={control}
          name="kind"
          render={({ field }) => (
            <OneOf
              label="What is issued"
              className="flex flex-wrap gap-2"
              choices={[
                { value: 'report', words: `A revision of ${revises}` },
                { value: 'closing', words: 'The closing report' },
              ]}
              value={field.value === 'closing' ? 'closing' : 'report'}
              choose={field.onChange}
            />
          )}
        />
      )}
      <p>
        Signed by <strong>{member.name}</strong>
        {member.licence ? `, licence ${member.licence}` : ', no licence recorded'}. A signature is
        the signer’s own: nobody signs for another.
      </p>
      <label className="grid gap-1 font-semibold">
        Your password, again
        <input
          className="field"
          type="password"
          autoComplete="current-password"
          required
          maxLength={500}
          {...register('password')}
        />
      </label>
      {revision && (
        <label className="grid gap-1 font-semibold">
          What this revision changes
          <textarea
            className="field py-1"
            rows={2}
            required
            maxLength={2000}
            {...register('changes')}
          />
        </label>
      )}
      <p className="text-ink2">
        The report is numbered and sealed with every entry as it is now. It cannot be changed
        afterwards, only revised.
      </p>
      {faults.map((fault) => (
        <p key={fault} role="alert" className="text-danger font-semibold">
          {fault}
        </p>
      ))}
      <button className="act act-main min-h-11" disabled={busy || !ready || !awake}>
        {busy
          ? 'Sealing'
          : kind === 'closing'
            ? 'Sign and issue the closing report'
            : 'Sign and issue'}
      </button>
      {!ready && <p className="text-danger">What is marked First must be seen to before.</p>}
    </form>
  );
}
