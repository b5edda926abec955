'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { askJson } from '../http';
import { later } from '../later';
import { signInHere } from './sign-in-here';

/** What the server sends for a view: nothing yet, what it sent, or why it did not, in words. */
export interface Sent<T> {
  data: T | undefined;
  fault: string | undefined;
  /** When what is shown was sent, where it is this device's copy. */
  keptAt: string | undefined;
  /** The server was reached, and has nothing of this for whoever asks. */
  absent: boolean;
  /** Asks anew; what is shown stays until it comes. */
  again(): void;
}

/** Where it cannot be fetched, nothing is kept and nothing was. */
const keeping = later(() => import('../kept/answers'));
const findKept = (path: string) =>
  keeping().then(
    ({ findKept: find }) => find(path),
    () => ({ kept: undefined, tooOld: undefined }),
  );
const keepAnswer = (path: string, sent: unknown) =>
  keeping().then(
    ({ keepAnswer: keep }) => keep(path, sent),
    () => undefined,
  );

/** The session of this device was ended by somebody: it may be lost. */
const clearKept = () =>
  keeping().then(
    ({ clearKept: clear }) => clear(),
    () => undefined,
  );

const dropAnswer = (path: string) =>
  keeping().then(
    ({ dropAnswer: drop }) => drop(path),
    () => undefined,
  );

const sessionOver =
  'Your session is over: sign in again to see what is new. What you record meanwhile is held on this device.';

/** Milliseconds a server is waited for where this device has a copy. */
const patienceMs = 2500;

/**
 * Asks the server for what a view is drawn from. Where it is not reached, or takes long, this device's copy stands
 * in for it. Whoever is not signed in is sent to do so.
 */
export function useSent<T>(path: string): Sent<T> {
  const router = useRouter();
  const [asked, ask] = useState(0);
  const [sent, setSent] = useState<{
    path: string;
    data?: T;
    fault?: string;
    keptAt?: string;
    absent?: boolean;
  }>();
  /** Of which path something is on the screen. */
  const shown = useRef<string>(undefined);
  useEffect(() => {
    if (sent?.data !== undefined) shown.current = sent.path;
  }, [sent]);
  useEffect(() => {
    const left = new AbortController();
    /** This device's copy, unless the server's own is shown. */
    const showKept = async (fault?: string) => {
      const { kept, tooOld } = await findKept(path);
      if (left.signal.aborted) return;
      if (tooOld !== undefined) fault = [fault, tooOld].filter(Boolean).join(' ');
      setSent((before) => {
        const here = before?.path === path ? before : undefined;
        if (here?.data !== undefined) return { ...here, ...(fault && { fault }) };
        if (kept) return { path, data: kept.sent as T, keptAt: kept.at, ...(fault && { fault }) };
        return fault ? { path, fault } : before;
      });
    };
    const waited = setTimeout(() => void showKept(), patienceMs);
    void askJson<T>(path, { signal: left.signal }).then((answer) => {
      clearTimeout(waited);
      if (left.signal.aborted) return;
      if (answer.ok) {
        setSent({ path, data: answer.value });
        void keepAnswer(path, answer.value);
      } else if (answer.status === 401) {
        const ended = (answer.said as { ended?: boolean }).ended === true;
        if (ended) void clearKept().then(() => router.replace(signInHere()));
        // Under nobody's hands: what is on the screen stays, and says that it is of before.
        else if (shown.current === path)
          setSent((before) => before && { ...before, fault: sessionOver });
        else router.replace(signInHere());
      } else if (answer.status === 403 || answer.status === 404) {
        // The server has it no longer, or not for this member: then neither has this device.
        void dropAnswer(path);
        setSent({ path, fault: answer.faults.join(' '), absent: true });
      } else void showKept(answer.faults.join(' '));
    });
    return () => (clearTimeout(waited), left.abort());
  }, [path, asked, router]);
  const here = sent?.path === path ? sent : undefined;
  const again = () => ask((times) => times + 1);
  const outdated = here?.keptAt !== undefined;
  useEffect(() => {
    if (!outdated) return;
    const onceReached = () => ask((times) => times + 1);
    window.addEventListener('online', onceReached);
    return () => window.removeEventListener('online', onceReached);
  }, [outdated]);
  return {
    data: here?.data,
    fault: here?.fault,
    keptAt: here?.keptAt,
    absent: here?.absent ?? false,
    again,
  };
}
