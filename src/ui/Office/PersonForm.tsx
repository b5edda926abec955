'use client';

import { useState } from 'react';
import type { ScopeName } from '@/core/judge/scope/scopes';
import { scopes } from '@/core/judge/scope/scopes';
import { LabelledField } from '../primitives/LabelledField';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';
import { LinkShown } from './LinkShown';
import { MayChoice } from './MayChoice';
import type { Person } from './person';

interface PersonFormProps {
  person: Person;
  own: boolean;
  colleagues: readonly Person[];
}

/** What stands of a member, and how his access ends. */
export function PersonForm({ person, own, colleagues }: PersonFormProps) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [typed, setTyped] = useState(person);
  const [draftsTo, setDraftsTo] = useState(colleagues[0]?.id ?? '');
  const [url, setUrl] = useState<string>();
  const field = (name: 'name' | 'licence' | 'licenceExpires') => ({
    value: typed[name],
    onChange: (event: { target: { value: string } }) =>
      setTyped({ ...typed, [name]: event.target.value }),
  });
  const keep = () => {
    const { id, name, licence, licenceExpires, scope, may } = typed;
    return post(
      '/api/people/change',
      { member: id, name, licence, licenceExpires, scope: scope === '' ? null : scope, may },
      'Kept.',
    );
  };
  return (
    <form
      className="bg-sheet border-line grid gap-3 border p-4"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <div className="grid gap-3 sm:grid-cols-3">
        <LabelledField label="Name" required maxLength={200} {...field('name')} />
        <LabelledField label="Licence number" maxLength={100} {...field('licence')} />
        <LabelledField label="Its last day" type="date" {...field('licenceExpires')} />
      </div>
      <label className="grid max-w-sm gap-1 font-semibold">
        Proposed for a visit
        <select
          className="field font-normal"
          value={typed.scope}
          onChange={(event) => setTyped({ ...typed, scope: event.target.value })}
        >
          <option value="">nothing: asked each time</option>
          {(Object.keys(scopes) as ScopeName[]).map((name) => (
            <option key={name} value={name}>
              {scopes[name].says}
            </option>
          ))}
        </select>
      </label>
      <MayChoice may={typed.may} choose={(may) => setTyped({ ...typed, may })} />
      <Said said={said} />
      {url && <LinkShown url={url} />}
      <div className="flex flex-wrap items-end gap-3">
        <button className="act act-main" disabled={!awake || busy}>
          Keep
        </button>
        <button
          className="act"
          type="button"
          disabled={!awake || busy}
          onClick={async () =>
            setUrl(
              (
                await post<{ url: string }>(
                  '/api/people/reset',
                  { member: person.id },
                  `A letter for a new password goes to ${person.email}.`,
                )
              )?.url,
            )
          }
        >
          Make a password link
        </button>
      </div>
      {!own && (
        <div className="border-hair flex flex-wrap items-end gap-3 border-t pt-3">
          <label className="grid gap-1 font-semibold">
            Inspections in hand go to
            <select
              className="field font-normal"
              value={draftsTo}
              onChange={(event) => setDraftsTo(event.target.value)}
            >
              {colleagues.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <button
            className="act"
            type="button"
            disabled={!awake || busy}
            onClick={() =>
              void post(
                '/api/people/deactivate',
                { member: person.id, draftsTo },
                `${person.name} can sign in no more.`,
              )
            }
          >
            End {person.name}’s access
          </button>
          <p className="text-ink2 basis-full">
            Every session ends at once. What a device of theirs holds and has not sent stays on that
            device: have it sent first, while they can still sign in.
          </p>
        </div>
      )}
    </form>
  );
}
