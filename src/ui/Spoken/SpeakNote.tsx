'use client';

import { useEffect, useRef, useState } from 'react';
import { Mic, Square } from 'lucide-react';
import { openHeld } from '@/client/outbox/held';
import { holdPicture } from '@/client/outbox/pictures';
import type { Recording, Spoken } from '@/client/sounds/recorder';
import {
  beginRecording,
  mostSeconds,
  mostSpokenAVisit,
  noRecorder,
} from '@/client/sounds/recorder';
import { add } from '@/core/fieldwork/recording/draft';
import { notesOf } from '@/core/fieldwork/walk/notes';
import { useBook } from '../Book/context';

interface SpeakNoteProps {
  /** The thing or part it is about; undefined: it waits for a place. */
  about: string | undefined;
  /** It is held on this device. */
  kept(): void;
}

/** A note that is said: one touch begins, one ends it, and it is kept. */
export function SpeakNote({ about, kept }: SpeakNoteProps) {
  const { state, who, actions } = useBook();
  const [recording, setRecording] = useState<Recording>();
  const [trouble, setTrouble] = useState('');
  const seconds = useSeconds(recording !== undefined);
  const running = useRef<Recording>(undefined);
  useEffect(() => () => running.current?.drop(), []);
  const { site } = state.assessment;
  const many = notesOf(site).filter(({ recording: spoken }) => spoken).length;
  const none =
    many < mostSpokenAVisit
      ? noRecorder()
      : `This visit holds ${mostSpokenAVisit} spoken notes already: write the note.`;
  const hold = async ({ blob, digest, seconds: recordingSeconds }: Spoken) => {
    const db = await openHeld();
    try {
      await holdPicture(db, {
        member: who.member,
        digest,
        blob,
        kind: 'sound',
        state: 'waiting',
      });
    } catch {
      throw new Error('This device has no room to hold it. Nothing was added: write the note.');
    } finally {
      db.close();
    }
    const facts = { recording: digest, recordingSeconds, ...(about && { aboutThing: about }) };
    const refused = await actions.record((newId) => [add('note', newId(), site.site!, facts)]);
    if (refused) throw new Error(refused);
  };
  const end = async (one: Recording) => {
    running.current = undefined;
    setRecording(undefined);
    try {
      await hold(await one.stop());
      kept();
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  const begin = async () => {
    setTrouble('');
    try {
      const one = await beginRecording(() => running.current && void end(running.current));
      running.current = one;
      setRecording(one);
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  if (none) return <p className="text-ink2">{none}</p>;
  return (
    <div className="grid gap-1">
      <button
        type="button"
        className={`act w-full ${recording ? 'act-main' : ''}`}
        onClick={() => (recording ? void end(recording) : void begin())}
      >
        {recording ? (
          <>
            <Square size={16} aria-hidden="true" /> Stop and keep it, {seconds} s
          </>
        ) : (
          <>
            <Mic size={16} aria-hidden="true" /> Say it instead
          </>
        )}
      </button>
      <p className="text-ink2" role={recording ? 'status' : undefined}>
        {recording
          ? `It listens, for ${mostSeconds} seconds at most. Closing this drops it.`
          : 'Whoever is near is heard too: tell them. A report says nothing of it until it is written out.'}
      </p>
      {trouble && (
        <p role="alert" className="text-danger font-semibold">
          {trouble}
        </p>
      )}
    </div>
  );
}

/** Seconds since it began to run. */
function useSeconds(runs: boolean): number {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    if (!runs) return;
    const began = performance.now();
    const timer = setInterval(
      () => setSeconds(Math.floor((performance.now() - began) / 1000)),
      250,
    );
    return () => {
      clearInterval(timer);
      setSeconds(0);
    };
  }, [runs]);
  return seconds;
}
