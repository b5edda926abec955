'use client';

import { useState } from 'react';
import { useSearchParams } from 'next/navigation';
import { ruleById, rules } from '@/core/judge/rules';
import type { LibraryTab } from './tab';
import { RulePage } from './RulePage';
import { Search, holds } from './Search';

/** The rule book: searched on the left, read on the right. */
export function Rules({ settings, save }: LibraryTab) {
  const [words, setWords] = useState('');
  const [chosen, setChosen] = useState(useSearchParams().get('rule') ?? rules[0]!.id);
  const found = rules.filter((rule) =>
    holds(
      [rule.id, rule.title, rule.finds, ...rule.sources.map(({ code }) => code)].join(' '),
      words,
    ),
  );
  const rule = ruleById.get(chosen) ?? found[0];
  return (
    <div className="grid h-full lg:grid-cols-[380px_1fr]">
      <div className="border-line min-h-0 p-4 lg:overflow-y-auto lg:border-r">
        <Search label="Search the rules" words={words} setWords={setWords} />
        <p className="text-ink2 mt-1" role="status">
          {found.length} of {rules.length} rules
        </p>
        <ul className="border-hair mt-2 border-t max-lg:max-h-72 max-lg:overflow-y-auto">
          {found.map((one) => (
            <li key={one.id} className="border-hair border-b">
              <button
                className={`w-full px-2 py-1 text-left max-lg:min-h-12 ${one.id === rule?.id ? 'bg-app border-accent border-l-4' : 'hover:bg-app'}`}
                aria-pressed={one.id === rule?.id}
                onClick={() => setChosen(one.id)}
              >
                {one.title}
                <span className="text-caption text-ink2 block font-mono">{one.id}</span>
              </button>
            </li>
          ))}
        </ul>
      </div>
      <div className="min-h-0 p-4 lg:overflow-y-auto lg:px-8">
        {rule && <RulePage key={rule.id} rule={rule} settings={settings} save={save} />}
      </div>
    </div>
  );
}
