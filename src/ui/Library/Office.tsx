import { useState } from 'react';
import { gradeWords } from '@/core/vocabulary/grade';
import { settingsDifferences } from '@/core/show/report/settings-differences';
import type { School, Settings } from '@/core/codes/settings/settings';
import { schools, schoolWords } from '@/core/codes/settings/settings';
import { amendments } from '@/core/codes/yardstick';
import type { LibraryTab } from './tab';

const schoolSays: Record<School, string> = {
  'by-the-label':
    'Rises count, reductions do not; what is outside its listing or label is at least Repair.',
  'by-the-evidence':
    'Rises and reductions count; what was allowed when built and shows no symptom counts one less.',
  'by-the-calendar': 'As by the evidence; what is sound but obsolete becomes Plan with a date.',
};

/** What this office sets for inspections begun from now on. The matrix is not among it. */
export function Office({ settings, save }: LibraryTab) {
  const [draft, setDraft] = useState(settings);
  const [said, setSaid] = useState('');
  const differs = settingsDifferences(draft);
  const set = (more: Partial<Settings>) => setDraft({ ...draft, ...more });
  return (
    <form
      className="mx-auto grid max-w-3xl gap-5 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save({ ...draft, wording: settings.wording, families: settings.families }).then(
          (fault) => setSaid(fault ?? 'Kept for inspections begun from now on.'),
        );
      }}
    >
      <fieldset className="grid gap-2">
        <legend className="text-heading font-bold">School of grading</legend>
        {schools.map((school) => (
          <label key={school} className="flex gap-2 max-lg:min-h-12">
            <input
              type="radio"
              name="school"
              checked={draft.school === school}
              onChange={() => set({ school })}
            />
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
            <input
              type="checkbox"
              checked={draft.amendments.includes(amendment.id)}
              onChange={(event) =>
                set({
                  amendments: event.target.checked
                    ? [...draft.amendments, amendment.id]
                    : draft.amendments.filter((id) => id !== amendment.id),
                })
              }
            />
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
            value={draft.deadlineDays[grade]}
            most={3650}
            set={(days) => set({ deadlineDays: { ...draft.deadlineDays, [grade]: days ?? 0 } })}
          />
        ))}
      </fieldset>
      <fieldset className="grid gap-2 sm:grid-cols-2">
        <legend className="text-heading font-bold">House limits and years</legend>
        <NumberField
          label="Most tandems in a panel; empty: as the label"
          value={draft.house.mostTandems}
          most={84}
          set={(mostTandems) => set({ house: { mostTandems } })}
        />
        <NumberField
          label="Years until an edition is in force here; empty: not known"
          value={draft.adoptionYears}
          most={20}
          set={(adoptionYears) => set({ adoptionYears })}
        />
      </fieldset>
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

interface NumberFieldProps {
  label: string;
  value: number | null;
  most: number;
  set(value: number | null): void;
}

const NumberField = ({ label, value, most, set }: NumberFieldProps) => (
  <label className="grid gap-1">
    <span>{label}</span>
    <input
      type="number"
      className="field"
      min={0}
      max={most}
      step={1}
      value={value ?? ''}
      onChange={(event) =>
        set(event.target.value === '' ? null : Math.round(Number(event.target.value)))
      }
    />
  </label>
);
