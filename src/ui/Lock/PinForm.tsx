'use client';

import { useEffect, useRef, useState } from 'react';
import { lockOf, setLock } from '@/client/lock/lock';
import { afterWrongPin, isPinOf, pinLength } from '@/client/lock/pin';
import { counted } from '@/core/vocabulary/phrases';

/** Opens by the PIN; after some wrong ones it has to be waited. */
export function PinForm({ member, open }: { member: string; open(): void }) {
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState('');
  const [looking, setLooking] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const waitSeconds = useWait(lockOf(member)?.waitUntil ?? 0);
  const tryIt = async () => {
    const lock = lockOf(member);
    if (lock?.by.kind !== 'pin' || Date.now() < lock.waitUntil) return;
    setLooking(true);
    const right = await isPinOf(typed, lock.by);
    setLooking(false);
    setTyped('');
    if (right) return open();
    setLock(member, afterWrongPin(lock, Date.now()));
    setFault('This is not the PIN. Nothing was lost.');
    field.current?.focus();
  };
  return (
    <form
      className="grid w-full max-w-xs gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void tryIt();
      }}
    >
      <label className="grid gap-1 font-semibold">
        PIN
        <input
          className="field text-heading min-h-12 text-center tracking-[0.4em]"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          pattern="\d*"
          maxLength={pinLength.most}
          autoFocus
          ref={field}
          disabled={waitSeconds > 0}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      {waitSeconds > 0 ? (
        <p role="alert" className="text-danger font-semibold">
          Too many wrong PINs. Wait {counted(waitSeconds, 'second')}.
        </p>
      ) : (
        fault && (
          <p role="alert" className="text-danger font-semibold">
            {fault}
          </p>
        )
      )}
      <button
        className="act act-main min-h-12"
        disabled={looking || waitSeconds > 0 || typed.length < pinLength.least}
      >
        Open
      </button>
    </form>
  );
}

/** Seconds that are left until a time, milliseconds of the epoch. */
function useWait(until: number): number {
  const [now, setNow] = useState(() => Date.now());
  const left = Math.max(0, Math.ceil((until - now) / 1000));
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, []);
  return left;
}
