'use client';

import type { Facts, PropertyName } from '@/core/record/entries/properties';
import { properties } from '@/core/record/entries/properties';
import type { PropertySpec } from '@/core/record/entries/properties';
import { subjectOfRef } from '@/core/fieldwork/walk/asked';
import { useBook } from '../../Book/context';
import { SomeOf } from '../../primitives/OneOf';

interface Noticed {
  key: string;
  words: string;
  property: PropertyName;
  /** The value that says it; what unsays it. */
  is: unknown;
  not: unknown;
}

const noticed: readonly Noticed[] = [
  { key: 'heat', words: 'Heat', property: 'heatMark', is: true, not: false },
  { key: 'melted', words: 'Melted', property: 'melted', is: true, not: false },
  { key: 'arcing', words: 'Arcing', property: 'arcing', is: true, not: false },
  { key: 'damp', words: 'Damp', property: 'moisture', is: true, not: false },
  { key: 'loose', words: 'Loose', property: 'tightness', is: 'loose', not: 'firm' },
];

interface NoticedKeysProps {
  about: string;
  /** What does not fit this thing: nothing can be loose where nothing is. */
  without?: readonly string[];
}

/** Five things noticed at a glance, one touch each; only those that fit the thing. */
export function NoticedKeys({ about, without = [] }: NoticedKeysProps) {
  const { state, actions } = useBook();
  const { site } = state.assessment;
  const subject = subjectOfRef(about, site);
  const fitting = noticed.filter(
    ({ key, property }) =>
      !without.includes(key) &&
      subject !== undefined &&
      (properties[property] as PropertySpec).on.includes(subject),
  );
  const said = (one: Noticed) => site.reader.value(about, one.property) === one.is;
  return (
    <SomeOf
      label="Noticed"
      className="grid auto-cols-fr grid-flow-col gap-1.5"
      each="act px-1!"
      choices={fitting.map(({ key, words }) => ({ value: key, words }))}
      value={fitting.filter(said).map(({ key }) => key)}
      choose={(next) => {
        const changed = fitting.find((one) => next.includes(one.key) !== said(one));
        if (!changed) return;
        const { property, is, not } = changed;
        const facts = { [property]: next.includes(changed.key) ? is : not } as Facts;
        void actions.observe(about, facts);
      }}
    />
  );
}
