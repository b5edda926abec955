'use client';

import { OneOf, SomeOf } from '../primitives/OneOf';
import { SelectField } from './SelectField';

interface ChoiceFieldProps {
  label: string;
  choices: Readonly<Record<string, string>>;
  value: string | undefined;
  record(value: string): void;
}

/** As many letters as buttons side by side can show. */
const mostLetters = 34;

/** One of a few: buttons where they fit, a list where they are many or long. */
export function ChoiceField({ label, choices, value, record }: ChoiceFieldProps) {
  const entries = Object.entries(choices);
  const letters = entries.reduce((sum, [, words]) => sum + words.length, 0);
  if (entries.length <= 4 && letters <= mostLetters)
    return (
      <div className="grid content-start gap-0.5">
        <span className="text-caption text-ink2">{label}</span>
        <OneOf
          label={label}
          className="flex gap-1.5"
          each="act flex-1 px-1.5!"
          choices={entries.map(([key, words]) => ({
            value: key,
            words,
            name: `${label}: ${words}`,
          }))}
          value={value}
          choose={record}
        />
      </div>
    );
  return (
    <SelectField label={label} options={entries} unset="not seen" value={value} record={record} />
  );
}

/** Stands for none of the choices. */
const none = '-';

interface ChoicesFieldProps {
  label: string;
  choices: Readonly<Record<string, string>>;
  value: readonly string[] | undefined;
  record(value: string[]): void;
}

/** Several of these, or none of them: none is said, never assumed. */
export function ChoicesField({ label, choices, value, record }: ChoicesFieldProps) {
  return (
    <div className="grid content-start gap-0.5">
      <span className="text-caption text-ink2">{label}</span>
      <SomeOf
        label={label}
        choices={[
          { value: none, words: 'none', name: `${label}: none of these` },
          ...Object.entries(choices).map(([key, words]) => ({
            value: key,
            words,
            name: `${label}: ${words}`,
          })),
        ]}
        value={value?.length === 0 ? [none] : (value ?? [])}
        choose={(next) =>
          record(
            next.includes(none) && value?.length !== 0 ? [] : next.filter((one) => one !== none),
          )
        }
      />
    </div>
  );
}
