'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { signOutHere } from '@/client/kept/sign-out';
import { memberHere } from '@/client/kept/member-here';
import { lockOf, unlock } from '@/client/lock/lock';
import { tellLockChanged } from '@/client/lock/watch';
import { Brand } from '../primitives/Brand';
import { PinForm } from './PinForm';
import { usePasskey } from './use-passkey';

/** What stands in place of a page while the screen is locked. */
export function LockScreen() {
  const member = memberHere() ?? '';
  const by = lockOf(member)?.by;
  const [forgotten, forget] = useState(false);
  const open = () => {
    unlock(member, Date.now());
    tellLockChanged();
  };
  return (
    <main className="bg-app fixed inset-0 z-50 grid content-center justify-items-center gap-5 overflow-y-auto p-6">
      <Brand />
      <h1 className="text-xl font-bold">Locked</h1>
      <p className="text-ink2 max-w-sm text-center">
        What was recorded is on this device, and is sent from it meanwhile where there is a network.
      </p>
      {by?.kind === 'passkey' ? (
        <PasskeyForm ids={by.ids} open={open} />
      ) : (
        <PinForm member={member} open={open} />
      )}
      {forgotten ? (
        <Forgotten member={member} back={() => forget(false)} />
      ) : (
        <button className="act" type="button" onClick={() => forget(true)}>
          {by?.kind === 'passkey' ? 'It does not open' : 'PIN forgotten'}
        </button>
      )}
    </main>
  );
}

function PasskeyForm({ ids, open }: { ids: readonly string[]; open(): void }) {
  const { ask, fault } = usePasskey();
  return (
    <div className="grid justify-items-center gap-2">
      <button
        className="act act-main min-h-12 px-6"
        type="button"
        // The one thing to do here.
        autoFocus
        onClick={() => void ask(ids).then((was) => was && open())}
      >
        Open by passkey
      </button>
      {fault && (
        <p role="alert" className="text-danger font-semibold">
          {fault}
        </p>
      )}
    </div>
  );
}

/** The way out where it cannot be opened: whoever signs in again showed who he is. */
function Forgotten({ member, back }: { member: string; back(): void }) {
  const router = useRouter();
  const [fault, setFault] = useState('');
  const leave = async () => {
    const said = await signOutHere(member);
    if (said) return setFault(`${said} Signing out needs the server: try again with a network.`);
    router.replace('/sign-in');
  };
  return (
    <section className="border-ink grid max-w-sm gap-3 border-t-2 pt-3">
      <p>
        Sign out, and in again with your password. The lock and the copies on this device are taken
        away; what was recorded here and has not arrived stays, and is sent once you are signed in.
      </p>
      {fault && (
        <p role="alert" className="text-danger font-semibold">
          {fault}
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <button className="act" type="button" onClick={back}>
          Back
        </button>
        <button className="act" type="button" onClick={() => void leave()}>
          Sign out
        </button>
      </p>
    </section>
  );
}
