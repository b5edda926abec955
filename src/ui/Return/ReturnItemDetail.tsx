'use client';

import { numberWords } from '@/core/show/report/places';
import Link from 'next/link';
import { useState } from 'react';
import type { Facts } from '@/core/record/entries/properties';
import { properties } from '@/core/record/entries/properties';
import { capital } from '@/core/vocabulary/phrases';
import { subjectOfRef } from '@/core/fieldwork/walk/asked';
import { splitRef } from '@/core/record/entries/thing-types';
import { readRulings } from '@/core/judge/grading/rulings';
import { add, observe } from '@/core/fieldwork/recording/draft';
import type { ReturnItem } from '@/core/show/report/return-comparison';
import type { ReportData } from '@/core/show/report/report';
import { FactSheet } from '../facts/FactSheet';
import { useBook } from '../Book/context';
import { BeforeAndNow } from './BeforeAndNow';
import { OneOf } from '../primitives/OneOf';

const ticks = Object.entries(properties.returnTick.choices) as [
  keyof typeof properties.returnTick.choices,
  string,
][];

interface ReturnItemDetailProps {
  item: ReturnItem;
  /** The report it stands in. */
  issued: Pick<ReportData, 'photos' | 'readings'>;
}

/** One item again: the tick, what was done, the facts of its place, photos and readings side by side. */
export function ReturnItemDetail({ item, issued }: ReturnItemDetailProps) {
  const { state, inspection, actions } = useBook();
  const { site } = state.assessment;
  const { reader } = site;
  const [words, setWords] = useState(item.words ?? '');
  const record = (facts: Facts) =>
    actions.record((newId) => {
      const known = readRulings(reader).get(item.key);
      return [
        known
          ? observe(reader, known.id, facts)
          : add('ruling', newId(), site.site ?? null, { finding: item.key, ...facts }),
      ];
    });
  const about = [item.ref, splitRef(item.ref).thing].find((ref) => subjectOfRef(ref, site));
  return (
    <article className="grid gap-3" aria-label={`Item ${numberWords(item)}`}>
      <h3 className="text-heading font-bold">
        {numberWords(item)} {item.title}, {item.place}
      </h3>
      <p>
        Before: {item.before.short}
        <br />
        Now: <strong>{item.nowWords}</strong>
      </p>
      <OneOf
        label="What was found now"
        className="flex flex-wrap gap-2"
        each="act min-h-12!"
        choices={ticks.map(([value, label]) => ({ value, words: capital(label) }))}
        value={item.tick}
        choose={(returnTick) => void record({ returnTick })}
      />
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (words.trim()) void record({ returnWords: words.trim() });
        }}
      >
        <label className="text-caption text-ink2 grid flex-1 gap-0.5">
          What was done
          <input
            className="field"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <button className="act" disabled={!words.trim()}>
          Record
        </button>
      </form>
      <BeforeAndNow issued={issued} item={item} />
      <h4 className="font-semibold">What is there now</h4>
      {about && <FactSheet about={about} />}
      <Link className="act" href={`/inspections/${inspection}/walk`}>
        To its drawing
      </Link>
    </article>
  );
}
