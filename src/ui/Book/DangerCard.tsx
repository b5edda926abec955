'use client';

import { useEffect, useRef, useState } from 'react';
import { Dialog } from 'radix-ui';
import type { Facts } from '@/core/entries/properties';
import { properties } from '@/core/entries/properties';
import type { Finding } from '@/core/grading/finding';
import { cautions } from '@/core/report/cautions';
import { findingWords } from '@/core/report/finding-words';
import { subjectOfRef } from '@/core/walk/asked';
import { GradeMark } from '../primitives/GradeMark';
import { useBook } from './context';

/** Stops the walk when something becomes a danger now: what to do, whom to call, what was done. */
export function DangerCard() {
  const { state } = useBook();
  const { findings, site } = state.assessment;
  const dangers = findings.filter((finding) => finding.grade === 'danger');
  const known = useRef<Set<string> | undefined>(undefined);
  const before = useRef<Element | null>(null);
  const [shown, setShown] = useState<string>();
  const keys = dangers.map((finding) => finding.key).join(' ');

  useEffect(() => {
    const now = new Set(keys.split(' ').filter(Boolean));
    const before = known.current;
    known.current = now;
    if (!before) return;
    const fresh = [...now].find((key) => !before.has(key));
    if (fresh) setShown(fresh);
  }, [keys]);

  const finding = dangers.find((one) => one.key === shown);
  if (!finding) return null;
  const about = safeSubject(finding, site);
  return (
    <Dialog.Root open onOpenChange={(open) => !open && setShown(undefined)}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-black/50" />
        <Dialog.Content
          onOpenAutoFocus={() => (before.current = document.activeElement)}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (before.current instanceof HTMLElement) before.current.focus();
          }}
          className="border-danger bg-sheet fixed inset-x-3 top-1/2 z-20 mx-auto max-h-[94dvh] max-w-xl -translate-y-1/2 overflow-y-auto border-t-8 p-5"
        >
          <Dialog.Title className="text-danger flex items-center gap-2 text-xl font-bold">
            <GradeMark grade="danger" size={22} /> Danger now: {finding.verdict.place.label}
          </Dialog.Title>
          <DangerDetail key={finding.key} finding={finding} about={about} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** The place itself where it can carry what was done, else the panel. */
function safeSubject(finding: Finding, site: Parameters<typeof subjectOfRef>[1]): string {
  const { place, panel } = finding.verdict;
  const subject = subjectOfRef(place.ref, site);
  return subject && properties.madeSafe.on.some((one) => one === subject) ? place.ref : panel;
}

function DangerDetail({ finding, about }: { finding: Finding; about: string }) {
  const { state, actions } = useBook();
  const { reader } = state.assessment.site;
  const [done, setDone] = useState(reader.value(about, 'madeSafe') ?? '');
  const [told, setTold] = useState(reader.value(about, 'toldWhom') ?? '');
  const { verdict } = finding;
  const facts: Facts = {
    ...(done.trim() && { madeSafe: done.trim() }),
    ...(told.trim() && { toldWhom: told.trim() }),
  };
  return (
    <>
      <Dialog.Description className="mt-2">
        {findingWords(verdict, 'seen', state.assessment.settings)}
      </Dialog.Description>
      <h3 className="mt-3 font-bold">What to do</h3>
      <p>{findingWords(verdict, 'ask', state.assessment.settings)}</p>
      <h3 className="mt-3 font-bold">Whom to call</h3>
      <p>
        {verdict.rule.who}; the utility where its side is concerned; the emergency number where
        anyone is hurt or anything burns.
      </p>
      <ul className="text-ink2 mt-3 list-disc pl-5">
        {cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
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
          <Dialog.Close
            className="act act-main flex-1"
            onClick={() => {
              if (Object.keys(facts).length > 0) void actions.observe(about, facts);
            }}
          >
            Keep this and go on
          </Dialog.Close>
          <Dialog.Close className="act flex-1">Not made safe yet</Dialog.Close>
        </div>
      </div>
    </>
  );
}
