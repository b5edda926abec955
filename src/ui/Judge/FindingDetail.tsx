import type { Finding } from '@/core/judge/grading/finding';
import type { FindingItem } from '@/core/judge/grading/items';
import { legacyWords } from '@/core/judge/grading/legacy';
import type { SchoolGrade } from '@/core/judge/grading/schools';
import { findingWords, itemWords } from '@/core/show/report/finding-words';
import type { School } from '@/core/codes/settings/settings';
import { useBook } from '../Book/context';
import { GradeWord } from '../primitives/GradeWord';
import { lazily } from '../primitives/lazily';
import { TraceTable } from '../primitives/TraceTable';
import { findingsOf } from './item-words';
import { ItemPlaces } from './ItemPlaces';
import { RestsOn } from './RestsOn';
import { RulingForm } from './RulingForm';
import { SeverityBand } from './SeverityBand';
import { SchoolsCompared } from './SchoolsCompared';

const MendForm = lazily(async () => (await import('./MendForm')).MendForm);
const WhyHere = lazily(async () => (await import('./WhyHere')).WhyHere);

interface FindingDetailProps {
  item: FindingItem;
  /** The place of it that is in hand. */
  finding: Finding;
  schools: Record<School, SchoolGrade> | undefined;
  items: readonly FindingItem[];
  choose(key: string): void;
}

/** One thing: what, why, its places, the steps of its grade, what it rests on, and what the inspector decides. */
export function FindingDetail({ item, finding, schools, items, choose }: FindingDetailProps) {
  const { state } = useBook();
  const { settings } = state.assessment;
  const { verdict, outcome } = finding;
  const all = findingsOf(item);
  const words = (part: 'why' | 'ask') =>
    itemWords(
      all.map((one) => one.verdict),
      part,
      settings,
    );
  const legacy = legacyWords(finding.legacy);
  const wants = outcome.wants ?? [];
  return (
    <article aria-labelledby="finding-title" className="grid gap-4">
      <header>
        <h2 id="finding-title" className="text-lg leading-tight font-bold">
          <span className="text-ink2">{item.number}</span>{' '}
          {all.length === 1 && `${verdict.place.label}: `}
          {verdict.rule.title}
        </h2>
        <p className="mt-1">
          <GradeWord grade={finding.grade} />{' '}
          {all.length > 1 && <span className="text-ink2">at {all.length} places, one grade</span>}
        </p>
        {finding.madeSafe && <p className="mt-1 font-semibold">Made safe: {finding.madeSafe}</p>}
        {finding.overrule?.refused && (
          <p className="text-danger mt-1" role="status">
            The grade set by hand does not count: {finding.overrule.refused}.
          </p>
        )}
      </header>
      <SeverityBand finding={finding} />
      <div>
        {all.length > 1 ? (
          <ItemPlaces item={item} chosen={finding.key} choose={choose} />
        ) : (
          <p>{findingWords(verdict, 'seen', settings)}</p>
        )}
        <p className="mt-1">{words('why')}</p>
        <p className="mt-1">
          <strong>Ask for:</strong> {words('ask')}
        </p>
        <WhyHere assessment={state.assessment} finding={finding} />
        {outcome.presumes?.map((one) => (
          <p key={one} className="text-ink2 mt-1">
            Presumed: {one}
          </p>
        ))}
        {wants.length > 0 && (
          <p className="text-ink2 mt-1">
            Would sharpen it: {wants.map((one) => one.say).join('; ')}.
          </p>
        )}
      </div>
      <section aria-labelledby="why-grade">
        <h3 id="why-grade" className="font-bold">
          Why this grade{all.length > 1 && `: ${verdict.place.label}`}
        </h3>
        <TraceTable trace={finding.trace} />
        {legacy && <p className="text-ink2 mt-1">{legacy}</p>}
        {finding.absorbed.length > 0 && (
          <p className="text-ink2 mt-1">
            Takes over:{' '}
            {finding.absorbed
              .map((one) => `${one.place.label}, ${one.rule.title.toLowerCase()}`)
              .join('; ')}
            .
          </p>
        )}
      </section>
      {schools && <SchoolsCompared schools={schools} />}
      <RestsOn finding={finding} />
      <MendForm key={item.key} findings={all} />
      <RulingForm item={item} items={items} />
    </article>
  );
}
