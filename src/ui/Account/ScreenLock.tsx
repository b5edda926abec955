'use client';

import { useReducer, useState } from 'react';
import { memberHere } from '@/client/kept/member-here';
import type { Lock } from '@/client/lock/lock';
import { lockMinutes, lockNow, lockOf, setLock, touched } from '@/client/lock/lock';
import { isPin, keptPin, pinLength } from '@/client/lock/pin';
import { tellLockChanged } from '@/client/lock/watch';
import { counted } from '@/core/vocabulary/phrases';
import { usePasskey } from '../Lock/use-passkey';
import { LabelledField } from '../primitives/LabelledField';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';

/**
 * The lock of this device's screen.
 * @param passkeys ids of the member’s passkeys
 */
export function ScreenLock({ passkeys }: { passkeys: readonly string[] }) {
  const awake = useAwake();
  const [, again] = useReducer((count: number) => count + 1, 0);
  const [fault, setFault] = useState('');
  const member = awake ? memberHere() : undefined;
  if (!awake) return null;
  if (member === undefined || !('subtle' in crypto))
    return (
      <p className="text-ink2">
        A lock needs a page that came by https, and a browser that keeps something.
      </p>
    );
  const lock = lockOf(member);
  const set = (next: Lock | undefined) => {
    try {
      setLock(member, next);
    } catch {
      return setFault('This browser keeps nothing beyond a page: the lock is as it was.');
    }
    touched(Date.now());
    tellLockChanged();
    again();
  };
  return (
    <>
      {lock ? (
        <Standing lock={lock} member={member} set={set} />
      ) : (
        <Choosing passkeys={passkeys} set={set} />
      )}
      {fault && <Said said={{ good: false, words: fault }} />}
    </>
  );
}

function Standing({
  lock,
  member,
  set,
}: {
  lock: Lock;
  member: string;
  set(lock: Lock | undefined): void;
}) {
  return (
    <>
      <p>
        It locks {counted(lock.afterMinutes, 'minute')} after it was touched last, and opens by{' '}
        {lock.by.kind === 'pin' ? 'your PIN' : 'a passkey'}.
      </p>
      <p className="flex flex-wrap gap-2">
        <button
          className="act act-main"
          type="button"
          onClick={() => (lockNow(member), tellLockChanged())}
        >
          Lock it now
        </button>
        <button className="act" type="button" onClick={() => set(undefined)}>
          Take the lock off
        </button>
      </p>
    </>
  );
}

const noWrongs = { wrong: 0, waitUntil: 0 };

function Choosing({
  passkeys,
  set,
}: {
  passkeys: readonly string[];
  set(lock: Lock | undefined): void;
}) {
  const [pin, setPin] = useState('');
  const [repeated, setRepeated] = useState('');
  const [afterMinutes, setAfter] = useState<number>(15);
  const [fault, setFault] = useState('');
  const passkey = usePasskey();
  const byPin = async () => {
    if (!isPin(pin))
      return setFault(
        `A PIN has ${pinLength.least} to ${pinLength.most} digits, and nothing else.`,
      );
    if (pin !== repeated) return setFault('The two PINs differ. Nothing was set.');
    set({ by: await keptPin(pin), afterMinutes, ...noWrongs });
  };
  const byPasskey = async () => {
    if (await passkey.ask(passkeys))
      set({ by: { kind: 'passkey', ids: [...passkeys] }, afterMinutes, ...noWrongs });
  };
  const digits = {
    type: 'password',
    inputMode: 'numeric',
    autoComplete: 'new-password',
    maxLength: pinLength.most,
  } as const;
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        setFault('');
        void byPin();
      }}
    >
      <p className="text-ink2">
        Not locked. Whoever picks this device up can read what is on it and record under your name.
        A lock hides the screen; it does not encrypt what is kept.
      </p>
      <label className="grid gap-1 font-semibold">
        Lock after
        <select
          className="field font-normal"
          value={afterMinutes}
          onChange={(event) => setAfter(Number(event.target.value))}
        >
          {lockMinutes.map((minutes) => (
            <option key={minutes} value={minutes}>
              {counted(minutes, 'minute')} without a touch
            </option>
          ))}
        </select>
      </label>
      <div className="grid gap-3 sm:grid-cols-2">
        <LabelledField
          label="PIN"
          hint={`${pinLength.least} to ${pinLength.most} digits`}
          required
          {...digits}
          value={pin}
          onChange={(event) => setPin(event.target.value)}
        />
        <LabelledField
          label="The same again"
          hint="so that none is mistyped"
          required
          {...digits}
          value={repeated}
          onChange={(event) => setRepeated(event.target.value)}
        />
      </div>
      <Said
        said={fault || passkey.fault ? { good: false, words: fault || passkey.fault } : undefined}
      />
      <p className="flex flex-wrap gap-2">
        <button className="act">Lock by this PIN</button>
        {passkeys.length > 0 && (
          <button className="act" type="button" onClick={() => void byPasskey()}>
            Lock by a passkey
          </button>
        )}
      </p>
    </form>
  );
}
