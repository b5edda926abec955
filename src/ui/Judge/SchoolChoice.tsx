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
    <div className="border-line mt-4 border-t pt-3">
      <label className="grid gap-1">
        <span>Graded</span>
        <select
          className="field"
          aria-describedby="school-says"
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
      </label>
      <p className="text-ink2 mt-1" id="school-says">
        {schoolSentence(settings.school)}
      </p>
    </div>
  );
}
