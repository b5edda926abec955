import { useState } from 'react';
import type { ComponentProps } from 'react';
import { valibotResolver } from '@hookform/resolvers/valibot';
import { useForm, useWatch } from 'react-hook-form';
import * as v from 'valibot';
import { gradeWords } from '@/core/vocabulary/grade';
import { settingsDifferences } from '@/core/show/report/settings-differences';
import type { School } from '@/core/codes/settings/settings';
import { schools, schoolWords, settingsSchema } from '@/core/codes/settings/settings';
import { amendments } from '@/core/codes/yardstick';
import { timeZones } from '../primitives/time-zones';
import type { LibraryTab } from './tab';

const schoolSays: Record<School, string> = {
  'by-the-label':
    'Rises count, reductions do not; what is outside its listing or label is at least Repair.',
  'by-the-evidence':
    'Rises and reductions count; what was allowed when built and shows no symptom counts one less.',
  'by-the-calendar': 'As by the evidence; what is sound but obsolete becomes Plan with a date.',
};

/** The part of the settings that is set here. */
const officeSchema = v.pick(settingsSchema, [
  'school',
  'amendments',
  'deadlineDays',
  'house',
  'adoptionYears',
  'timeZone',
]);

const ofOffice = ({
  school,
  amendments: laid,
  deadlineDays,
  house,
  adoptionYears,
  timeZone,
}: LibraryTab['settings']) => ({
  school,
  amendments: laid,
  deadlineDays,
  house,
  adoptionYears,
  timeZone,
});

/** What this office sets for inspections begun from now on. The matrix is not among it. */
export function Office({ settings, save }: LibraryTab) {
  const [said, setSaid] = useState('');
  const { register, control, handleSubmit, formState } = useForm<
    v.InferInput<typeof officeSchema>,
    unknown,
    v.InferOutput<typeof officeSchema>
  >({
    resolver: valibotResolver(officeSchema),
    defaultValues: ofOffice(settings),
    // What a colleague saved meanwhile is shown; what was changed here stays as it was typed.
    values: ofOffice(settings),
    resetOptions: { keepDirtyValues: true },
    mode: 'onChange',
  });
  const typed = v.safeParse(officeSchema, useWatch({ control }));
  const differs = settingsDifferences({ ...settings, ...(typed.success && typed.output) });
  return (
    <form
      className="mx-auto grid max-w-3xl gap-5 p-4"
      onSubmit={handleSubmit(async (office) => {
        const fault = await save({ ...settings, ...office });
        setSaid(fault ?? 'Kept for inspections begun from now on.');
      })}
    >
      <fieldset className="grid gap-2">
        <legend className="text-heading font-bold">School of grading</legend>
        {schools.map((school) => (
          <label key={school} className="flex gap-2 max-lg:min-h-12">
            <input type="radio" value={school} {...register('school')} />
            <span>
              <strong>{schoolWords[school]}.</strong> {schoolSays[school]}
            </span>
          </label>
        ))}
        <p className="text-ink2">A single inspection can be graded otherwise at its set-out.</p>
      </fieldset>
      <fieldset className="grid gap-2">
        <legend className="text-heading font-bold">Local amendments</legend>
        {Object.values(amendments).map((amendment) => (
          <label key={amendment.id} className="flex gap-2 max-lg:min-h-12">
            <input type="checkbox" value={amendment.id} {...register('amendments')} />
            <span>
              <strong>{amendment.title}.</strong> {amendment.says.join('; ')}.
            </span>
          </label>
        ))}
      </fieldset>
      <fieldset className="grid gap-2 sm:grid-cols-3">
        <legend className="text-heading font-bold">Deadlines, days</legend>
        {(['urgent', 'repair', 'plan'] as const).map((grade) => (
          <NumberField
            key={grade}
            label={gradeWords[grade]}
            most={3650}
            fault={formState.errors.deadlineDays?.[grade]?.message}
            {...register(`deadlineDays.${grade}`, asNumber)}
          />
        ))}
      </fieldset>
      <fieldset className="grid gap-2 sm:grid-cols-2">
        <legend className="text-heading font-bold">House limits and years</legend>
        <NumberField
          label="Most tandems in a panel; empty: as the label"
          most={84}
          fault={formState.errors.house?.mostTandems?.message}
          {...register('house.mostTandems', asNumber)}
        />
        <NumberField
          label="Years until an edition is in force here; empty: not known"
          most={20}
          fault={formState.errors.adoptionYears?.message}
          {...register('adoptionYears', asNumber)}
        />
      </fieldset>
      <label className="grid max-w-sm gap-1">
        <span className="text-heading font-bold">Time zone of the office</span>
        <span className="text-ink2">A report is issued on the day it is here.</span>
        <select className="field" {...register('timeZone')}>
          {timeZones.map((zone) => (
            <option key={zone} value={zone}>
              {zone.replaceAll('_', ' ')}
            </option>
          ))}
        </select>
      </label>
      <section aria-labelledby="differs">
        <h2 id="differs" className="text-heading font-bold">
          Printed in each report as differing
        </h2>
        {differs.length === 0 ? (
          <p className="text-ink2">Nothing differs from what is shipped.</p>
        ) : (
          <ul className="list-disc pl-5">
            {differs.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        )}
      </section>
      <p className="flex items-center gap-2">
        <button className="act act-main" type="submit">
          Keep these settings
        </button>
        <span role="status">{said}</span>
      </p>
    </form>
  );
}

/** An empty field is no number at all. */
const asNumber = {
  setValueAs: (typed: unknown) => (typed === '' || typed === null ? null : Number(typed)),
};

interface NumberFieldProps extends ComponentProps<'input'> {
  label: string;
  most: number;
  fault: string | undefined;
}

const NumberField = ({ label, most, fault, ...input }: NumberFieldProps) => (
  <label className="grid content-start gap-1">
    <span>{label}</span>
    <input type="number" className="field" min={0} max={most} step={1} {...input} />
    {fault && (
      <span role="alert" className="text-danger">
        {fault}
      </span>
    )}
  </label>
);
