interface SelectFieldProps {
  label: string;
  /** Value and words of each. */
  options: readonly (readonly [string, string])[];
  /** Shown while nothing is chosen. */
  unset: string;
  value: string | undefined;
  record(value: string): void;
}

/** One of many, from a list; dashed while nobody has said. */
export function SelectField({ label, options, unset, value, record }: SelectFieldProps) {
  return (
    <label className="text-caption text-ink2 grid content-start gap-0.5">
      {label}
      <select
        className={`field ${value === undefined ? 'border-dashed' : ''}`}
        value={value ?? ''}
        onChange={(event) => record(event.target.value)}
      >
        <option value="" disabled>
          {unset}
        </option>
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
