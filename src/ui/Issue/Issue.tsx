import Link from 'next/link';
import { mayIssue } from '@/core/show/report/issue-check';
import type { IssueLine } from '@/core/show/report/issue-check';
import { Brand } from '../primitives/Brand';
import { CheckList } from './CheckList';
import { IssuedItem } from './IssuedItem';
import type { IssuedLine, LinkLine } from './IssuedItem';
import { SignForm } from './SignForm';

interface IssueProps {
  inspection: string;
  place: string;
  member: { name: string; licence: string };
  lines: readonly IssueLine[];
  /** Entries there are now. */
  entries: number;
  issued: readonly IssuedLine[];
  links: readonly LinkLine[];
}

/** Check list, signature and seal; then what was issued, verified and sent. */
export function Issue({ inspection, place, member, lines, entries, issued, links }: IssueProps) {
  const last = issued.find(({ kind }) => kind === 'report');
  const closed = issued.find(({ kind }) => kind === 'closing');
  const since = last ? entries - last.entries : 0;
  const base = `/inspections/${inspection}`;
  return (
    <>
      <header className="border-line bg-app flex flex-wrap items-center gap-x-5 border-b px-4 py-1.5">
        <Brand />
        <nav className="flex gap-4" aria-label="Views">
          <Link className="text-ink2 hover:text-ink py-1.5" href={`${base}/walk`}>
            Walk
          </Link>
          <Link className="text-ink2 hover:text-ink py-1.5" href={`${base}/report`}>
            Report
          </Link>
          <span className="border-accent border-b-2 py-1.5 font-bold" aria-current="page">
            Issue
          </span>
          {last && (
            <Link className="text-ink2 hover:text-ink py-1.5" href={`${base}/return`}>
              Return visit
            </Link>
          )}
        </nav>
      </header>
      <main className="mx-auto grid max-w-6xl gap-8 p-4 md:grid-cols-2 md:p-6">
        <div className="grid content-start gap-6">
          <h1 className="text-xl font-bold">Issue the report of {place}</h1>
          <CheckList lines={lines} />
          <SignForm
            inspection={inspection}
            member={member}
            ready={mayIssue(lines)}
            revises={last?.number}
            closes={last && (closed ?? last).number}
            closedBefore={closed !== undefined}
          />
        </div>
        <section aria-labelledby="issued">
          <h2 id="issued" className="text-heading border-ink border-b-2 pb-1 font-bold">
            Issued
          </h2>
          {issued.length === 0 && (
            <p className="text-ink2 mt-2">
              Nothing is issued yet. What the client sees is a draft.
            </p>
          )}
          {since > 0 && (
            <p className="mt-2 font-semibold" role="status">
              {since} entries arrived after {last!.number} was issued. They are kept and await a
              revision.
            </p>
          )}
          {issued.map((line) => (
            <IssuedItem
              key={line.id}
              line={line}
              links={links.filter(({ report }) => report === line.id)}
            />
          ))}
        </section>
      </main>
    </>
  );
}
