import type { ComponentProps } from 'react';

interface LabelledFieldProps extends ComponentProps<'input'> {
  label: string;
  hint?: string;
  fault?: string | undefined;
}

/** A field with its name above it, and what is wrong with it beneath. */
export function LabelledField({ label, hint, fault, ...input }: LabelledFieldProps) {
  return (
    <label className="grid content-start gap-1 font-semibold">
      {label}
      {hint && <span className="text-ink2 font-normal">{hint}</span>}
      <input className="field font-normal" aria-invalid={!!fault} {...input} />
      {fault && <span className="text-danger">{fault}</span>}
    </label>
  );
}
