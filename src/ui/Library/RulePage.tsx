import { useState } from 'react';
import { remedyWords } from '@/core/advise/remedies';
import { gradeWords } from '@/core/vocabulary/grade';
import { gradeOf } from '@/core/judge/grading/matrix';
import { pairs } from '@/core/judge/grading/pairs';
import type { Message, Rule } from '@/core/judge/check/rule';
import { stages } from '@/core/fieldwork/walk/stages';
import type { LibraryTab } from './tab';

/** One rule: what, why, an example, source, since, remedies, and its words, which the office may change. */
export function RulePage({ rule, settings, save }: LibraryTab & { rule: Rule }) {
  const { severity, likelihood } = rule.base;
  const stage = stages.find(({ number }) => number === rule.stage);
  const raised = pairs.filter((pair) => pair.rules.includes(rule.id));
  return (
    <article className="grid max-w-3xl gap-4" aria-labelledby="rule-title">
      <header>
        <h2 id="rule-title" className="text-lg font-bold">
          {rule.title}
        </h2>
        <p className="text-ink2">
          <span className="font-mono">{rule.id}</span> · stage {rule.stage}
          {stage && `, ${stage.name.toLowerCase()}`}
          {rule.behindCover && ', behind the cover'}
        </p>
        <p className="mt-1">
          Base: severity {severity}, likelihood {likelihood},{' '}
          {gradeWords[gradeOf(severity, likelihood)]}
          {rule.outsideListing && '; outside the listing or label, at least Repair by the label'}
          {rule.hazards.length > 0 && `. Hazard: ${rule.hazards.join(', ')}`}.
        </p>
      </header>
      <section>
        <h3 className="font-bold">What</h3>
        <p>{rule.finds}</p>
        <p className="text-ink2 mt-1">
          Example: <Example words={rule.example} />
        </p>
      </section>
      <section>
        <h3 className="font-bold">Source and since</h3>
        <ul>
          {rule.sources.map(({ code, says }) => (
            <li key={code + says}>
              {code}: {says}
            </li>
          ))}
        </ul>
        <p className="text-ink2">
          {rule.since
            ? `Said in words since ${rule.since}.`
            : rule.existingOnly
              ? 'Permitted only where it stands.'
              : 'Always, or good practice.'}
        </p>
        {raised.map((pair) => (
          <p key={pair.because} className="text-ink2">
            Raised when {pair.because}.
          </p>
        ))}
      </section>
      <section>
        <h3 className="font-bold">
          Remedies, {rule.remediesInOrder ? 'in this order' : 'least work first'}
        </h3>
        <ul className="list-disc pl-5">
          {remedyWords(rule.remedies).map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      </section>
      <section>
        <h3 className="font-bold">Words of the report</h3>
        <p className="text-ink2">
          The office may say it in its own words; a figure stands in braces. The report says that
          the words are the office’s own.
        </p>
        {Object.entries(rule.messages).map(([id, message]) => (
          <Wording
            key={id}
            rule={rule.id}
            id={id}
            message={message}
            settings={settings}
            save={save}
          />
        ))}
      </section>
    </article>
  );
}

/** What stands between backticks is shorthand. */
const Example = ({ words }: { words: string }) =>
  words.split('`').map((part, index) =>
    index % 2 === 1 ? (
      <code key={index} className="font-mono">
        {part}
      </code>
    ) : (
      part
    ),
  );

const parts = [
  ['seen', 'What was seen'],
  ['why', 'Why it matters here'],
  ['ask', 'What to ask for'],
] as const;

interface WordingProps extends LibraryTab {
  rule: string;
  id: string;
  message: Message;
}

function Wording({ rule, id, message, settings, save }: WordingProps) {
  const own = settings.wording[rule]?.[id] ?? {};
  const [words, setWords] = useState<Partial<Message>>(own);
  const [said, setSaid] = useState('');
  const keep = async () => {
    const changed = Object.fromEntries(
      parts.flatMap(([part]) => {
        const text = words[part]?.trim();
        return text && text !== message[part] ? [[part, text]] : [];
      }),
    );
    const others = Object.fromEntries(
      Object.entries(settings.wording[rule] ?? {}).filter(([name]) => name !== id),
    );
    const messages = Object.keys(changed).length > 0 ? { ...others, [id]: changed } : others;
    const fault = await save({ ...settings, wording: { ...settings.wording, [rule]: messages } });
    setSaid(fault ?? 'Kept for inspections begun from now on.');
  };
  return (
    <div className="border-hair mt-2 grid gap-2 border-t pt-2">
      <p className="font-semibold">{message.short}</p>
      {parts.map(([part, label]) => (
        <label key={part} className="grid gap-1">
          <span>{label}</span>
          <textarea
            className="field py-1"
            rows={2}
            value={words[part] ?? message[part]}
            onChange={(event) => setWords({ ...words, [part]: event.target.value })}
          />
        </label>
      ))}
      <p className="flex items-center gap-2">
        <button className="act" onClick={() => void keep()}>
          Keep these words
        </button>
        <span role="status">{said}</span>
      </p>
    </div>
  );
}
