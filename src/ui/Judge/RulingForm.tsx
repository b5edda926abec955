import { useState } from 'react';
import type { Facts } from '@/core/record/entries/properties';
import type { Grade } from '@/core/vocabulary/grade';
import { grades, gradeWords } from '@/core/vocabulary/grade';
import type { Finding } from '@/core/judge/grading/finding';
import { readRulings } from '@/core/judge/grading/rulings';
import { verdictKeys } from '@/core/judge/examine/verdict';
import { add, observe } from '@/core/fieldwork/recording/draft';
import { useBook } from '../Book/context';

interface RulingFormProps {
  finding: Finding;
  findings: readonly Finding[];
}

/** The inspector's word: another grade with a reason, what was made safe, one finding under another, the order. */
export function RulingForm({ finding, findings }: RulingFormProps) {
  const { state, actions } = useBook();
  const { site } = state.assessment;
  const { reader } = site;
  const rulings = readRulings(reader);
  const ruling = verdictKeys(finding.verdict)
    .map((key) => rulings.get(key))
    .find(Boolean);
  const [grade, setGrade] = useState<Grade | ''>(ruling?.overruledTo?.value ?? '');
  const [reason, setReason] = useState(ruling?.reason ?? '');
  const [safe, setSafe] = useState(ruling?.madeSafe?.value ?? '');
  const record = (facts: Facts) =>
    actions.record((newId) =>
      ruling
        ? [observe(reader, ruling.id, facts)]
        : [add('ruling', newId(), site.site ?? null, { finding: finding.key, ...facts })],
    );
  const changed =
    grade !== (ruling?.overruledTo?.value ?? '') ||
    reason !== (ruling?.reason ?? '') ||
    safe !== (ruling?.madeSafe?.value ?? '');
  const needsSafe = finding.computed === 'danger' && grade !== '' && grade !== 'danger';
  const blocked =
    grade !== '' && !reason.trim()
      ? 'Write the reason.'
      : needsSafe && !safe.trim()
        ? 'Danger now yields only to what was made safe: write what was done, and when.'
        : undefined;
  const alike = findings.filter((one) => one.grade === finding.grade);
  const at = alike.indexOf(finding);
  const move = (by: -1 | 1) => {
    const order = alike.filter((one) => one !== finding);
    order.splice(at + by, 0, finding);
    void actions.record((newId) =>
      order.map((one, index) => {
        const known = readRulings(reader).get(one.key);
        return known
          ? observe(reader, known.id, { reportPlace: index + 1 })
          : add('ruling', newId(), site.site ?? null, {
              finding: one.key,
              reportPlace: index + 1,
            });
      }),
    );
  };
  const others = findings.filter((one) => one.key !== finding.key);
  return (
    <section aria-labelledby="ruling" className="border-line border-t pt-3">
      <h3 id="ruling" className="font-bold">
        Your word on it
      </h3>
      <div className="mt-2 grid gap-2 sm:grid-cols-2">
        <label className="grid gap-1">
          <span>Grade</span>
          <select
            className="field"
            value={grade}
            onChange={(event) => setGrade(event.target.value as Grade | '')}
          >
            <option value="">as computed: {gradeWords[finding.computed]}</option>
            {grades.map((one) => (
              <option key={one} value={one}>
                {gradeWords[one]}
              </option>
            ))}
          </select>
        </label>
        <label className="grid gap-1">
          <span>Reason, printed beside both grades</span>
          <input
            className="field"
            value={reason}
            maxLength={600}
            onChange={(event) => setReason(event.target.value)}
          />
        </label>
        <label className="grid gap-1 sm:col-span-2">
          <span>Made safe: what was done, when</span>
          <input
            className="field"
            value={safe}
            maxLength={600}
            onChange={(event) => setSafe(event.target.value)}
          />
        </label>
      </div>
      <p className="mt-2 flex flex-wrap items-center gap-2">
        <button
          className={`act ${changed && !blocked ? 'act-main' : ''}`}
          disabled={!changed || blocked !== undefined}
          onClick={() =>
            void record({
              overruledTo: grade === '' ? null : grade,
              ...(reason.trim() && { overruleReason: reason.trim() }),
              ...(safe.trim() && { madeSafeHow: safe.trim() }),
            })
          }
        >
          Keep this
        </button>
        {changed && blocked && <span className="text-danger font-semibold">{blocked}</span>}
      </p>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <button className="act" disabled={at <= 0} onClick={() => move(-1)}>
          Earlier in the report
        </button>
        <button className="act" disabled={at >= alike.length - 1} onClick={() => move(1)}>
          Later
        </button>
        <select
          className="field max-w-72"
          aria-label="Report it under another finding"
          value=""
          onChange={(event) => void record({ mergedInto: event.target.value })}
        >
          <option value="" disabled>
            Report it under …
          </option>
          {others.map((one) => (
            <option key={one.key} value={one.key}>
              {one.verdict.place.label}: {one.verdict.rule.title}
            </option>
          ))}
        </select>
      </div>
      <Merged finding={finding} />
    </section>
  );
}

/** Findings brought under this one by the inspector, each to be taken out again. */
function Merged({ finding }: { finding: Finding }) {
  const { state, actions } = useBook();
  const { reader } = state.assessment.site;
  const merged = [...readRulings(reader)].filter(([, ruling]) => ruling.mergedInto === finding.key);
  if (merged.length === 0) return null;
  return (
    <ul className="mt-2">
      {merged.map(([key, ruling]) => {
        const verdict = finding.absorbed.find((one) => `${one.rule.id}|${one.place.ref}` === key);
        return (
          <li key={key} className="flex flex-wrap items-center gap-2">
            <span>Under it: {verdict ? `${verdict.place.label}, ${verdict.rule.title}` : key}</span>
            <button
              className="act"
              onClick={() =>
                void actions.record(() => [observe(reader, ruling.id, { mergedInto: null })])
              }
            >
              On its own again
            </button>
          </li>
        );
      })}
    </ul>
  );
}
