import Link from 'next/link';
import { propertySpec } from '@/core/record/entries/properties';
import type { Finding } from '@/core/judge/grading/finding';
import { wallTimeWords } from '@/core/show/report/dates';
import { valueWords } from '@/core/show/report/value-words';
import { photosOf } from '@/core/fieldwork/walk/photos';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';
import { selectionOf } from '../Walk/selection';

/** The entries a finding rests on: one step to the drawing, the photo, the author and the source. */
export function RestsOn({ finding }: { finding: Finding }) {
  const { state, inspection, names, actions } = useBook();
  const { site } = state.assessment;
  const { verdict, outcome } = finding;
  const panel = site.panels.find((one) => one.id === verdict.panel);
  const selection = panel && selectionOf(verdict.place.ref, panel);
  const photos = photosOf(site).filter(
    (photo) => photo.about && verdict.place.related.includes(photo.about),
  );
  const sources = [...verdict.rule.sources, ...(outcome.sources ?? [])];
  return (
    <section aria-labelledby="rests-on">
      <h3 id="rests-on" className="font-bold">
        Rests on
      </h3>
      <ul className="border-hair mt-1 border-t">
        {outcome.facts.map((fact) => (
          <li
            key={fact.entry + fact.about + fact.property}
            className="border-hair flex flex-wrap justify-between gap-x-3 border-b py-1"
          >
            <span>
              {thingWords(fact.about, site)}:{' '}
              {propertySpec(fact.property)?.label.toLowerCase() ?? fact.property}{' '}
              <strong>{valueWords(fact, site)}</strong>
            </span>
            <span className="text-caption text-ink2">
              <span className={`sure-${fact.certainty}`}>{fact.certainty}</span> ·{' '}
              {names.get(fact.author) ?? 'a colleague'} ·{' '}
              <Link className="underline" href={`/inspections/${inspection}/history#${fact.entry}`}>
                {wallTimeWords(fact.at)}
              </Link>
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2 flex flex-wrap gap-2">
        <Link
          className="act"
          href={`/inspections/${inspection}/walk`}
          onClick={() => {
            if (panel) actions.choosePanel(panel.id);
            if (selection) actions.select(selection);
          }}
        >
          In the drawing
        </Link>
        {photos.length > 0 && (
          <Link className="act" href={`/inspections/${inspection}/notes`}>
            {photos.length === 1 ? 'Its photo' : `Its ${photos.length} photos`}
          </Link>
        )}
        <Link className="act" href={`/library?rule=${verdict.rule.id}`}>
          The rule
        </Link>
      </p>
      <ul className="text-ink2 mt-2">
        {sources.map((source) => (
          <li key={source.code + source.says}>
            {source.code}: {source.says}
          </li>
        ))}
      </ul>
    </section>
  );
}
