'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { useHeld } from '@/client/outbox/use-held';
import { useTakenAlong } from '@/client/kept/use-taken-along';
import { useSent } from '@/client/sent/use-sent';
import { dayWords } from '@/core/show/report/dates';
import { FromHere } from '../Device/FromHere';
import { Newer } from '../Device/Newer';
import { Brand } from '../primitives/Brand';
import { lazily } from '../primitives/lazily';
import { useAwake } from '../primitives/use-awake';
import { Opening } from '../primitives/Opening';
import { GradeMark } from '../primitives/GradeMark';
import { ThemeChoice } from '../theme/ThemeChoice';
import type { TodaySent } from './sent';
import { todayPath } from '@/client/sent/paths';
import { HeldList } from './HeldList';
import { ImportPackage } from './ImportPackage';
import { BeingJudged, InspectionItem } from './InspectionItem';
import { ReadOtherwise } from './ReadOtherwise';
import { SignOut } from './SignOut';
import { StartInspection } from './StartInspection';

const OnThisDevice = lazily(async () => (await import('./OnThisDevice')).OnThisDevice);
const Errands = lazily(async () => (await import('./Errands')).Errands);
const BringBack = lazily(async () => (await import('./BringBack')).BringBack);

/**
 * Visits of the organisation, and the two ways to a new one. Drawn on the device: the server sends what they are.
 * @param words what is searched for
 */
export function Today({ words: asked }: { words: string }) {
  const named = useSearchParams().get('q') ?? '';
  // The page may be the device's own, which was kept for no words: then the address says them.
  const words = useAwake() ? named : asked;
  const { data, fault, keptAt, again } = useSent<TodaySent>(todayPath(words));
  return data ? (
    <TodayOnDevice {...data} words={words} fault={fault} keptAt={keptAt} again={again} />
  ) : (
    <Opening says="Opening…" fault={fault} again={again} />
  );
}

interface TodayProps extends TodaySent {
  words: string;
  /** Why it could not be asked for anew. */
  fault: string | undefined;
  /** When it was sent, where it is this device's copy. */
  keptAt: string | undefined;
  again(): void;
}

function TodayOnDevice({
  who: session,
  mailbox,
  words,
  due,
  rechecked,
  inspections,
  fault,
  keptAt,
  again,
}: TodayProps) {
  const { held, connection, pictures, again: readHeld } = useHeld(session.member);
  const listed = useMemo(() => [...due, ...inspections], [due, inspections]);
  const places = useMemo(() => new Map(listed.map(({ id, place }) => [id, place])), [listed]);
  useTakenAlong(listed, keptAt === undefined);
  return (
    <>
      <FromHere
        keptAt={keptAt}
        fault={fault}
        missing="What others recorded since is not in it."
        again={again}
      />
      <Newer />
      <header className="border-line bg-app flex min-h-12 flex-wrap items-center gap-x-4 gap-y-1 border-b px-4 py-1">
        <Brand />
        <span className="text-ink2 hidden sm:inline">{session.organisationName}</span>
        <Link className="text-ink2 ml-auto underline" href="/account">
          {session.name}
        </Link>
        <span>
          <ThemeChoice compact />
        </span>
        <Link className="underline" href="/library">
          Library
        </Link>
        {mailbox && (
          <Link className="underline" href="/mailbox">
            Mailbox
          </Link>
        )}
        <Link className="underline" href="/office/people">
          Office
        </Link>
        <SignOut who={session} held={held} />
      </header>
      <main className="mx-auto grid max-w-6xl gap-8 p-4 md:grid-cols-[1fr_300px] md:grid-rows-[auto_1fr] md:p-6">
        <div className="md:col-start-2">
          <StartInspection session={session} />
        </div>
        <section className="md:col-start-1 md:row-span-2 md:row-start-1">
          <h1 className="text-xl font-bold">Today</h1>
          <form role="search" className="mt-2 flex gap-2" action="/">
            <input
              className="field"
              type="search"
              name="q"
              defaultValue={words}
              maxLength={200}
              aria-label="Search"
              placeholder="Place, address, client, number, panel, finding"
            />
            <button className="act">Search</button>
            {words && (
              <Link className="act" href="/">
                All
              </Link>
            )}
          </form>
          {held && (
            <HeldList
              who={session}
              held={held}
              connection={connection}
              sent={pictures}
              places={places}
            />
          )}
          {held && (
            <Errands
              member={session.member}
              held={held}
              reached={keptAt === undefined && !fault}
              places={places}
            />
          )}
          {fault && !keptAt && (
            <p role="alert" className="text-danger mt-2 font-semibold">
              What stands here may be older than what is there: {fault}
            </p>
          )}
          {due.length > 0 && (
            <>
              <h2 className="text-heading mt-4 font-bold">To be seen to first</h2>
              <ul className="border-danger mt-1 border-t-2" aria-label="To be seen to first">
                {due.map((line) => (
                  <li key={line.id} className="border-hair flex flex-wrap gap-x-3 border-b py-1.5">
                    <Link
                      className="font-bold hover:underline"
                      href={`/inspections/${line.id}/judge`}
                    >
                      {line.place}
                    </Link>
                    {line.dangerOpen > 0 && (
                      <span className="text-danger inline-flex items-center gap-1 font-semibold">
                        <GradeMark grade="danger" size={12} />
                        {line.dangerOpen} Danger now, not made safe
                      </span>
                    )}
                    {line.behind && <BeingJudged />}
                    {line.dueOn && <span className="text-ink2">due {dayWords(line.dueOn)}</span>}
                  </li>
                ))}
              </ul>
            </>
          )}
          <ReadOtherwise {...rechecked} />
          {(due.length > 0 || rechecked.reports.length > 0) && (
            <h2 className="text-heading mt-5 font-bold">Latest</h2>
          )}
          {inspections.length === 0 ? (
            <p className="text-ink2 mt-4 text-sm">
              {words
                ? 'Nothing is found with all of these words.'
                : 'Nothing is recorded yet. Start an inspection, or load a package from another organisation.'}
            </p>
          ) : (
            <ul className="border-ink mt-3 border-t-2">
              {inspections.map((line) => (
                <InspectionItem key={line.id} line={line} />
              ))}
            </ul>
          )}
        </section>
        <div className="md:col-start-2">
          <ImportPackage loaded={again} />
          <BringBack who={session} changed={readHeld} />
          <OnThisDevice member={session.member} places={places} />
        </div>
      </main>
    </>
  );
}
