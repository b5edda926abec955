import { observe } from '@/core/fieldwork/recording/draft';
import { allSeen } from '@/core/fieldwork/walk/all-seen';
import type { AskedGroup } from '@/core/fieldwork/walk/asked';
import { nothingWrong } from '@/core/fieldwork/walk/asked';
import { propertySpec } from '@/core/record/entries/properties';
import type { Facts } from '@/core/record/entries/properties';
import { counted } from '@/core/vocabulary/phrases';
import { useBook } from '../../Book/context';

type Written = { about: string; facts: Facts }[];

/** Of the whole stage in one tap each: that what is drawn is all there is, and that nothing is wrong. */
export function WholeStage({ number, groups }: { number: number; groups: AskedGroup[] }) {
  const { state, panel } = useBook();
  const { site } = state.assessment;
  const seen = allSeen(number, site, panel);
  const fine = groups.flatMap((group) => nothingWrong(group, site));
  if (seen.length + fine.length === 0) return null;
  return (
    <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-1">
      <WriteAll
        words="All seen here"
        says="What is drawn is all there is; of nothing that it is sound."
        written={seen}
      />
      <WriteAll
        words="Nothing wrong at this stage"
        says="Each of these was looked at in the way agreed, and is sound."
        written={fine}
      />
    </div>
  );
}

function WriteAll({ words, says, written }: { words: string; says: string; written: Written }) {
  const { state, actions } = useBook();
  const { reader } = state.assessment.site;
  const labels = new Map<string, number>();
  for (const { facts } of written)
    for (const property of Object.keys(facts)) {
      const label = propertySpec(property)!.label;
      labels.set(label, (labels.get(label) ?? 0) + 1);
    }
  const count = [...labels.values()].reduce((sum, one) => sum + one, 0);
  if (count === 0) return null;
  return (
    <div>
      <button
        className="act w-full"
        onClick={() =>
          void actions.record(() =>
            written.map(({ about, facts }) => observe(reader, about, facts)),
          )
        }
        aria-label={`${words}, writes ${counted(count, 'fact')}`}
      >
        {words}: writes {count}
      </button>
      <details>
        <summary className="text-caption text-ink2 max-lg:min-h-12">What it writes</summary>
        <p className="text-caption text-ink2">{says}</p>
        <ul className="text-caption text-ink2">
          {[...labels].map(([label, many]) => (
            <li key={label}>
              {label}
              {many > 1 && `, ${many} places`}
            </li>
          ))}
        </ul>
      </details>
    </div>
  );
}
