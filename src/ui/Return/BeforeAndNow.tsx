'use client';

import { photoPair, readingPairs } from '@/core/show/report/before-and-now';
import type { ReportData } from '@/core/show/report/report';
import type { ReturnItem } from '@/core/show/report/return-comparison';
import { useBook } from '../Book/context';
import { PhotoInput } from '../Photos/PhotoInput';
import { Picture } from '../Photos/Picture';
import { VerdictMark } from '../Readings/VerdictMark';

interface BeforeAndNowProps {
  issued: Pick<ReportData, 'photos' | 'readings'>;
  item: ReturnItem;
}

/** Photos and readings of an item side by side: as issued, and since. */
export function BeforeAndNow({ issued, item }: BeforeAndNowProps) {
  const { assessment } = useBook().state;
  const { before, now } = photoPair(issued, item, assessment);
  const panelName = assessment.site.panels.find(({ id }) => id === item.panel)?.name ?? '';
  const pairs = readingPairs(issued, panelName, assessment);
  const about = item.ref;
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        <section aria-label="Photos before">
          <h4 className="font-semibold">Photos before</h4>
          {before.length === 0 && <p className="text-ink2">None in the report.</p>}
          {before.map(({ number, digest, caption }) => (
            <figure key={number} className="mt-1">
              <Picture digest={digest} alt={caption ?? `Photo ${number}`} small />
              <figcaption className="text-caption text-ink2">{caption}</figcaption>
            </figure>
          ))}
        </section>
        <section aria-label="Photos now">
          <h4 className="font-semibold">Now</h4>
          {now.length === 0 && <p className="text-ink2">None yet.</p>}
          {now.map(({ id, digest, caption }) => (
            <figure key={id} className="mt-1">
              <Picture digest={digest} alt={caption ?? 'Photo of now'} small />
              <figcaption className="text-caption text-ink2">{caption}</figcaption>
            </figure>
          ))}
          <div className="mt-1">
            <PhotoInput about={about} words="Photo of it now" />
          </div>
        </section>
      </div>
      {pairs.length > 0 && (
        <table className="w-full text-left" aria-label="Readings before and now">
          <thead>
            <tr className="border-line text-ink2 border-b">
              <th className="py-1 font-semibold">Reading</th>
              <th className="py-1 font-semibold">Before</th>
              <th className="py-1 font-semibold">Now</th>
            </tr>
          </thead>
          <tbody>
            {pairs.map(({ words, before: then, now: since }) => (
              <tr key={words} className="border-hair border-b align-top">
                <td className="py-1 pr-2">{words}</td>
                <td className="py-1 pr-2">{then ? then.value : 'not read'}</td>
                <td className="py-1">
                  {since ? (
                    <>
                      <strong>{since.value}</strong>{' '}
                      <VerdictMark verdict={{ level: since.level, words: since.verdict }} />
                    </>
                  ) : (
                    'not read'
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
