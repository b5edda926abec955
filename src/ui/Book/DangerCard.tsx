'use client';

import { useEffect, useRef, useState } from 'react';
import { Dialog } from 'radix-ui';
import type { Facts } from '@/core/record/entries/properties';
import { properties } from '@/core/record/entries/properties';
import type { Finding } from '@/core/judge/grading/finding';
import { cautions } from '@/core/show/report/cautions';
import { findingWords } from '@/core/show/report/finding-words';
import { stops } from '@/core/show/report/reassurance';
import { untilThenWords } from '@/core/show/report/until-then';
import { subjectOfRef } from '@/core/fieldwork/walk/asked';
import { GradeMark } from '../primitives/GradeMark';
import { useBook } from './context';

/**
 * Stops the walk when something becomes a danger now, or the inspector stops: every danger on one card.
 * A stop nobody was told of is asked about each time the inspection is opened.
 * @param asked counts up when the card of a stop is asked for again
 */
export function DangerCard({ asked }: { asked: number }) {
  const { state } = useBook();
  const { judged, site } = state.assessment;
  const { dangersWhenOpened } = state;
  const dangers = judged
    ? state.assessment.findings.filter((finding) => finding.grade === 'danger')
    : [];
  const stopped = stops({ site });
  const known = useRef<Set<string> | undefined>(undefined);
  const stoodThen = useRef<ReadonlySet<string>>(undefined);
  const focused = useRef<Element | null>(null);
  const [shown, setShown] = useState<readonly string[]>([]);
  const keys = [
    ...dangers.map(({ key }) => key),
    ...stopped.map(({ building }) => stopKey(building)),
  ].join(' ');

  const untold = stopped
    .filter(({ toldWhom }) => toldWhom === undefined)
    .map(({ building }) => stopKey(building))
    .join(' ');

  useEffect(() => {
    const now = new Set(keys.split(' ').filter(Boolean));
    const opening = known.current === undefined;
    const before = new Set(known.current ?? [...now].filter(isStop));
    known.current = now;
    // What was recorded before the rules were here is told once they are; what was there before, not again.
    if (dangersWhenOpened && stoodThen.current !== dangersWhenOpened) {
      stoodThen.current = dangersWhenOpened;
      for (const key of dangersWhenOpened) before.add(key);
    }
    const fresh = [...now].filter((key) => !before.has(key));
    if (opening) setShown([...untold.split(' ').filter(Boolean), ...fresh]);
    else if (fresh.length > 0)
      setShown((standing) => [...standing.filter((key) => now.has(key)), ...fresh]);
  }, [keys, untold, dangersWhenOpened]);

  const [answered, answer] = useState(asked);
  if (asked !== answered) {
    answer(asked);
    setShown(stopped.map(({ building }) => stopKey(building)));
  }

  const here = dangers.filter(({ key }) => shown.includes(key));
  const halts = stopped.filter(({ building }) => shown.includes(stopKey(building)));
  if (here.length === 0 && halts.length === 0) return null;
  const close = () => setShown([]);
  /** One is dealt with; what is written for the others stays. */
  const done = (key: string) => setShown((standing) => standing.filter((one) => one !== key));
  return (
    <Dialog.Root open onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-black/50" />
        <Dialog.Content
          onOpenAutoFocus={() => (focused.current = document.activeElement)}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (focused.current instanceof HTMLElement) focused.current.focus();
          }}
          aria-describedby={undefined}
          className="border-danger bg-sheet fixed inset-x-3 top-1/2 z-20 mx-auto max-h-[94dvh] max-w-xl -translate-y-1/2 overflow-y-auto border-t-8 p-5"
        >
          <Dialog.Title className="text-danger flex items-center gap-2 text-xl font-bold">
            <GradeMark grade="danger" size={22} />{' '}
            {halts.length > 0
              ? 'Stop: not safe to go on'
              : `Danger now: ${here.map(({ verdict }) => verdict.place.label).join(', ')}`}
          </Dialog.Title>
          {halts.map(({ building, name }) => (
            <Halt
              key={building}
              building={building}
              name={name}
              close={() => done(stopKey(building))}
            />
          ))}
          {here.map((finding) => (
            <DangerDetail
              key={finding.key}
              finding={finding}
              about={safeSubject(finding, site)}
              close={() => done(finding.key)}
            />
          ))}
          <ul className="text-ink2 mt-3 list-disc pl-5">
            {cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const stopKey = (building: string) => `stop:${building}`;
const isStop = (key: string) => key.startsWith('stop:');

/** The place itself where it can carry what was done, else the panel. */
function safeSubject(finding: Finding, site: Parameters<typeof subjectOfRef>[1]): string {
  const { place, panel } = finding.verdict;
  const subject = subjectOfRef(place.ref, site);
  return subject && properties.madeSafe.on.some((one) => one === subject) ? place.ref : panel;
}

/** The inspector stopped: nothing is opened, and somebody is told. */
function Halt({ building, name, close }: { building: string; name: string; close(): void }) {
  const { state, actions } = useBook();
  const [told, setTold] = useState(state.assessment.site.reader.value(building, 'toldWhom') ?? '');
  return (
    <section className="mt-2" aria-label={`Stop, ${name}`}>
      <p>
        Step back. Nothing at {name} is opened, touched or measured. Tell the people there to keep
        away, and call the utility or a licensed electrician; the emergency number where anyone is
        hurt or anything burns. The report can be issued once it is recorded whom you told.
      </p>
      <label className="mt-2 grid gap-1">
        Told whom, and when
        <input className="field" value={told} onChange={(event) => setTold(event.target.value)} />
      </label>
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          className="act act-main flex-1"
          onClick={() => {
            if (told.trim()) void actions.observe(building, { toldWhom: told.trim() });
            close();
          }}
        >
          Keep this
        </button>
        <button className="act flex-1" onClick={close}>
          Nobody told yet
        </button>
      </div>
    </section>
  );
}

function DangerDetail({
  finding,
  about,
  close,
}: {
  finding: Finding;
  about: string;
  close(): void;
}) {
  const { state, actions } = useBook();
  const { reader } = state.assessment.site;
  const { settings } = state.assessment;
  const [done, setDone] = useState(reader.value(about, 'madeSafe') ?? '');
  const [told, setTold] = useState(reader.value(about, 'toldWhom') ?? '');
  const { verdict, pressing } = finding;
  const facts: Facts = {
    ...(done.trim() && { madeSafe: done.trim() }),
    ...(told.trim() && { toldWhom: told.trim() }),
  };
  return (
    <section
      className="border-hair border-t pt-2 first-of-type:border-0"
      aria-label={verdict.place.label}
    >
      <p className="mt-2">
        <strong>{verdict.place.label}:</strong> {findingWords(verdict, 'seen', settings)}
      </p>
      <h3 className="mt-2 font-bold">What to do</h3>
      <p>{findingWords(verdict, 'ask', settings)}</p>
      {pressing.map((one) => (
        <p key={one.rule.id + one.place.ref}>
          {one.place.label}: {findingWords(one, 'ask', settings)}
        </p>
      ))}
      {untilThenWords(verdict.rule).map((words) => (
        <p key={words} className="mt-1 font-semibold">
          {words}
        </p>
      ))}
      <h3 className="mt-2 font-bold">Whom to call</h3>
      <p>
        {verdict.rule.who}; the utility where its side is concerned; the emergency number where
        anyone is hurt or anything burns.
      </p>
      <div className="mt-3 grid gap-2">
        <label className="grid gap-1">
          Made safe: what was done
          <input className="field" value={done} onChange={(event) => setDone(event.target.value)} />
        </label>
        <label className="grid gap-1">
          Told whom, and when
          <input className="field" value={told} onChange={(event) => setTold(event.target.value)} />
        </label>
        <div className="flex flex-wrap gap-2">
          <button
            className="act act-main flex-1"
            onClick={() => {
              if (Object.keys(facts).length > 0) void actions.observe(about, facts);
              close();
            }}
          >
            Keep this and go on
          </button>
          <button className="act flex-1" onClick={close}>
            Not made safe yet
          </button>
        </div>
      </div>
    </section>
  );
}
