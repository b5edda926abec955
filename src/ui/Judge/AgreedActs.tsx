import type { Act } from '@/core/record/entries/properties/spec';
import { acts as actWords } from '@/core/record/entries/properties/spec';
import { isAgreed, scopes } from '@/core/judge/scope/scopes';
import type { ActDone } from '@/core/judge/scope/visit-coverage';
import { countWords, outsideSentence, reasonOf, reportVisit } from '@/core/show/report/visit';
import { useBook } from '../Book/context';
import { OmissionForm } from './OmissionForm';

const kinds: readonly Act[] = ['look', 'open', 'ask', 'touch', 'test', 'trace'];
const shown = 24;

/** What was agreed, how far it was done, what was not and why, and what lies outside. */
export function AgreedActs() {
  const { state } = useBook();
  const { assessment } = state;
  const { visit } = assessment;
  const left = visit.acts.filter(({ wants }) => wants.length > 0);
  const outside = outsideSentence(visit);
  const { beyond } = reportVisit(assessment);
  return (
    <section className="border-line mt-4 border-t pt-3" aria-labelledby="agreed">
      <h3 id="agreed" className="font-bold">
        Agreed: {visit.scope.recorded ? scopes[visit.scope.name].says : 'not recorded'}
      </h3>
      {!visit.scope.recorded && (
        <p className="text-ink2">Nothing was recorded as agreed; everything counts as agreed.</p>
      )}
      <p className="text-ink2">{countWords(visit)} made. Not seen is not fine.</p>
      <ul className="my-2 grid grid-cols-6 gap-1.5">
        {kinds.map((act) => (
          <Kind key={act} act={act} />
        ))}
      </ul>
      {left.length > 0 && (
        <details>
          <summary className="font-semibold max-lg:min-h-12">
            Agreed and not done: {left.length}
          </summary>
          <ul>
            {left.slice(0, shown).map((act) => (
              <Left key={act.key} act={act} />
            ))}
          </ul>
          {left.length > shown && (
            <p className="text-ink2 mt-1">and {left.length - shown} more, all in the report.</p>
          )}
        </details>
      )}
      {outside && <p className="mt-2">{outside}</p>}
      {beyond.length > 0 && (
        <p className="text-ink2 mt-2">
          Got by an act that was not agreed, kept and used: {beyond.join('; ')}.
        </p>
      )}
    </section>
  );
}

/** One kind of act: solid where it was agreed, dashed where it lies outside. */
function Kind({ act }: { act: Act }) {
  const { state } = useBook();
  const { scope, acts } = state.assessment.visit;
  const agreed = isAgreed(scope, act, 1);
  const here = acts.filter((one) => one.act === act);
  const made = here.filter(({ wants }) => wants.length === 0).length;
  return (
    <li
      className={
        agreed
          ? 'border-ink border-t-3 pt-1'
          : 'border-ink3 text-ink2 border-t-2 border-dashed pt-1'
      }
      title={actWords[act]}
    >
      <span className="block font-semibold">{act}</span>
      <span className="text-caption text-ink2 block">
        {agreed ? `${made} of ${here.length}` : 'outside'}
      </span>
    </li>
  );
}

/** An act that was agreed and not made, with what it would show and why it was not. */
function Left({ act }: { act: ActDone }) {
  const { state } = useBook();
  const reason = reasonOf(act, state.assessment);
  return (
    <li className="border-hair border-b py-1.5">
      <strong>{act.what}</strong>
      <span className="text-ink2">
        : {act.wants[0]!.say}
        {act.wants.length > 1 && ` and ${act.wants.length - 1} more`}
      </span>
      {act.wants.some(({ likely }) => likely) && <strong> Likely a finding.</strong>}
      {reason && <span className="block">Not done: {reason}</span>}
      {act.omission?.by && <span className="text-ink2 block">{act.omission.by}</span>}
      <OmissionForm act={act} />
    </li>
  );
}
