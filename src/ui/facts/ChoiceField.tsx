'use client';

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
      <div role="group" aria-label={label} className="grid content-start gap-0.5">
        <span className="text-caption text-ink2">{label}</span>
        <div className="flex gap-1.5">
          {entries.map(([key, words]) => (
            <button
              key={key}
              className="act flex-1 px-1.5!"
              aria-pressed={value === key}
              aria-label={`${label}: ${words}`}
              onClick={() => record(key)}
            >
              {words}
            </button>
          ))}
        </div>
      </div>
    );
  return (
    <SelectField label={label} options={entries} unset="not seen" value={value} record={record} />
  );
}

interface ChoicesFieldProps {
  label: string;
  choices: Readonly<Record<string, string>>;
  value: readonly string[] | undefined;
  record(value: string[]): void;
}

/** Several of these, or none of them: none is said, never assumed. */
export function ChoicesField({ label, choices, value, record }: ChoicesFieldProps) {
  const toggle = (key: string) =>
    record(value?.includes(key) ? value.filter((one) => one !== key) : [...(value ?? []), key]);
  return (
    <div role="group" aria-label={label} className="grid content-start gap-0.5">
      <span className="text-caption text-ink2">{label}</span>
      <div className="flex flex-wrap gap-1.5">
        <button
          className="act px-2!"
          aria-pressed={value?.length === 0}
          aria-label={`${label}: none of these`}
          onClick={() => record([])}
        >
          none
        </button>
        {Object.entries(choices).map(([key, words]) => (
          <button
            key={key}
            className="act px-2!"
            aria-pressed={value?.includes(key) ?? false}
            aria-label={`${label}: ${words}`}
            onClick={() => toggle(key)}
          >
            {words}
          </button>
        ))}
      </div>
    </div>
  );
}
