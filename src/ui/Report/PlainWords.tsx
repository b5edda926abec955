import type { ReportData } from '@/core/show/report/report';
import { Item, Items } from './Item';
import { Part } from './Part';

/** Everyday comparisons for the dangers found. */
export function Dangers({ report }: { report: ReportData }) {
  if (report.comparisons.length === 0) return null;
  return (
    <Part id="dangers" title="What these dangers are like">
      <Items>
        {report.comparisons.map(({ hazard, says }) => (
          <Item key={hazard} term={hazard}>
            {says}
          </Item>
        ))}
      </Items>
    </Part>
  );
}

export function Glossary({ report }: { report: ReportData }) {
  if (report.glossary.length === 0) return null;
  return (
    <Part id="words" title="Words">
      <Items>
        {report.glossary.map(({ term, says }) => (
          <Item key={term} term={term}>
            {says}
          </Item>
        ))}
      </Items>
    </Part>
  );
}

/** What was told, agreed and known beforehand; it is printed as it was recorded. */
export function Told({ report: { told } }: { report: ReportData }) {
  if (told.length === 0) return null;
  return (
    <Part id="told" title="Told and agreed">
      <Items>
        {told.map(({ label, says }) => (
          <Item key={label + says} term={label}>
            {says}
          </Item>
        ))}
      </Items>
    </Part>
  );
}

/** What was noted besides, and what others must look at. */
export function Besides({ report: { referrals, notes } }: { report: ReportData }) {
  return (
    <>
      {referrals.length > 0 && (
        <Part id="referrals" title="For others to look at">
          <p className="mt-2">Outside an inspection of the panel; noted, not judged.</p>
          <Items>
            {referrals.map(({ to, words, about, by }) => (
              <Item key={to + words} term={`Ask ${to}`}>
                {[about, words].filter(Boolean).join(': ')} <span className="text-ink2">{by}</span>
              </Item>
            ))}
          </Items>
        </Part>
      )}
      {notes.length > 0 && (
        <Part id="noted" title="Also noted">
          <Items>
            {notes.map(({ about, words, by }) => (
              <Item key={about + words} term={about}>
                {words} <span className="text-ink2">{by}</span>
              </Item>
            ))}
          </Items>
        </Part>
      )}
    </>
  );
}
