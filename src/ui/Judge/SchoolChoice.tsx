import type { School } from '@/core/codes/settings/settings';
import { schools, schoolWords } from '@/core/codes/settings/settings';
import { schoolSentence } from '@/core/show/report/scope-words';
import { useBook } from '../Book/context';

/** The school this inspection is graded by: an entry like any other, printed in the report. */
export function SchoolChoice() {
  const { state, actions } = useBook();
  const { site, settings } = state.assessment;
  if (!site.site) return null;
  const about = site.site;
  return (
    <label className="border-line mt-4 grid gap-1 border-t pt-3">
      <span>Graded</span>
      <select
        className="field"
        value={settings.school}
        onChange={(event) =>
          void actions.observe(about, { school: event.target.value as School }, 'told')
        }
      >
        {schools.map((school) => (
          <option key={school} value={school}>
            {schoolWords[school]}
          </option>
        ))}
      </select>
      <span className="text-ink2">{schoolSentence(settings.school)}</span>
    </label>
  );
}
