'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Dialog } from 'radix-ui';
import { askText } from '@/client/http';
import { forget, openKept } from '@/client/kept/kept';
import { setMemberHere } from '@/client/kept/member-here';
import { counted } from '@/core/vocabulary/phrases';
import type { HeldOnDevice } from '@/client/outbox/held-by-inspection';
import type { Who } from '../who';
import { saveHeld } from './save-held';

/**
 * Signs out, and clears away what was taken along. What is held stays for its member: of that it is asked first.
 * @param held undefined: it is not known yet what is held
 */
export function SignOut({ who, held }: { who: Who; held: HeldOnDevice | undefined }) {
  const router = useRouter();
  const [asking, ask] = useState(false);
  const [trouble, setTrouble] = useState('');
  const waiting = held?.inspections.reduce((sum, one) => sum + one.waiting, 0) ?? 0;
  const pictures = held?.pictures ?? 0;
  const signOut = async () => {
    const answer = await askText('/sign-out', {
      method: 'post',
      headers: { 'content-type': 'application/x-www-form-urlencoded' },
      body: '',
    });
    if (!answer.ok && answer.status !== 401) {
      setTrouble(
        `You are still signed in: ${answer.faults.join(' ')} Whoever has this device meanwhile can read what is on it.`,
      );
      ask(true);
      return;
    }
    const db = await openKept();
    await forget(db, who.member).finally(() => db.close());
    setMemberHere(undefined);
    router.replace('/sign-in');
  };
  return (
    <>
      <button
        className="act min-h-8!"
        onClick={() => (waiting + pictures > 0 || !held ? ask(true) : void signOut())}
      >
        Sign out
      </button>
      <Dialog.Root open={asking} onOpenChange={ask}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-10 bg-black/40" />
          <Dialog.Content
            className="border-accent bg-app fixed inset-x-0 bottom-0 z-20 mx-auto grid max-w-xl gap-3 border-t-4 p-4 sm:top-24 sm:bottom-auto"
            aria-describedby="sign-out-held"
          >
            <Dialog.Title className="text-heading font-bold">
              {trouble ? 'Not signed out' : 'Sign out with entries that have not arrived?'}
            </Dialog.Title>
            <p id="sign-out-held">
              {trouble ||
                (held
                  ? `${[waiting > 0 && (waiting === 1 ? '1 entry' : `${waiting} entries`), pictures > 0 && counted(pictures, 'picture')].filter(Boolean).join(' and ')} recorded here wait to be sent. They stay on this device, and are sent when you sign in on it again; nobody else can send them.`
                  : 'What this device holds could not be read yet. What you recorded stays on it, and is sent when you sign in on it again.')}
            </p>
            <p className="flex flex-wrap gap-2">
              <Dialog.Close className="act act-main">Stay signed in</Dialog.Close>
              {waiting + pictures > 0 && (
                <button className="act" onClick={() => void saveHeld(who)}>
                  Save them to a file
                </button>
              )}
              <button className="act" onClick={() => void signOut()}>
                {trouble ? 'Try again' : 'Sign out all the same'}
              </button>
            </p>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
