import { useState } from 'react';
import type { Facts } from '@/core/record/entries/properties';
import type { Grade } from '@/core/vocabulary/grade';
import { grades, gradeWords } from '@/core/vocabulary/grade';
import type { Finding } from '@/core/judge/grading/finding';
import { readRulings } from '@/core/judge/grading/rulings';
import { verdictKeys } from '@/core/judge/examine/verdict';
import { observe } from '@/core/fieldwork/recording/draft';
import { ruleItem } from '@/core/fieldwork/recording/rule-item';
import type { FindingItem } from '@/core/judge/grading/items';
import { findingsOf } from './item-words';
import { useBook } from '../Book/context';

interface RulingFormProps {
  item: FindingItem;
  items: readonly FindingItem[];
}

/** The inspector's word on one thing, at all its places: another grade with a reason, what was made safe, one under another, the order. */
export function RulingForm({ item, items }: RulingFormProps) {
  const { state, actions } = useBook();
  const { site } = state.assessment;
  const rulings = readRulings(site.reader);
  const all = findingsOf(item);
  const [finding] = all as [Finding];
  const ruling = verdictKeys(finding.verdict)
    .map((key) => rulings.get(key))
    .find(Boolean);
  const [grade, setGrade] = useState<Grade | ''>(ruling?.overruledTo?.value ?? '');
  const [reason, setReason] = useState(ruling?.reason ?? '');
  const [safe, setSafe] = useState(ruling?.madeSafe?.value ?? '');
  const record = (facts: Facts, of: readonly Finding[] = all) =>
    actions.record((newId) => ruleItem(site, of, facts, newId));
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
  const alike = items.filter((one) => one.grade === item.grade);
  const at = alike.indexOf(item);
  const move = (by: -1 | 1) => {
    const order = alike.filter((one) => one !== item);
    order.splice(at + by, 0, item);
    void actions.record((newId) =>
      order.flatMap((one, index) =>
        ruleItem(site, findingsOf(one), { reportPlace: index + 1 }, newId),
      ),
    );
  };
  const others = items.filter((one) => one !== item);
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
              {one.places[0]!.finding.verdict.place.label}:{' '}
              {one.places[0]!.finding.verdict.rule.title}
            </option>
          ))}
        </select>
      </div>
      <Apart item={item} record={record} />
      {all.map((one) => (
        <Merged key={one.key} finding={one} />
      ))}
    </section>
  );
}

/** A place told on its own, or brought back among those like it. */
function Apart({
  item,
  record,
}: {
  item: FindingItem;
  record(facts: Facts, of: readonly Finding[]): Promise<unknown>;
}) {
  const [only] = item.places;
  if (item.places.length === 1)
    return only!.finding.apart ? (
      <p className="mt-2">
        <button className="act" onClick={() => void record({ toldApart: false }, [only!.finding])}>
          Tell it with those like it again
        </button>
      </p>
    ) : null;
  return (
    <details className="mt-2">
      <summary className="act">Split one off</summary>
      <p className="text-ink2 mt-1">
        It becomes an item of its own, with a number and a ruling of its own.
      </p>
      <p className="mt-1 flex flex-wrap gap-2">
        {item.places.map(({ letter, finding }) => (
          <button
            key={finding.key}
            className="act"
            onClick={() => void record({ toldApart: true }, [finding])}
          >
            {letter} {finding.verdict.place.label}
          </button>
        ))}
      </p>
    </details>
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
