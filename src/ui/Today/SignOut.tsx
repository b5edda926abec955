'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { signOutHere } from '@/client/kept/sign-out';
import type { HeldOnDevice } from '@/client/outbox/held-by-inspection';
import type { Who } from '../who';
import { lazily } from '../primitives/lazily';

const SignOutAsk = lazily(async () => (await import('./SignOutAsk')).SignOutAsk);

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
    const fault = await signOutHere(who.member);
    if (fault) {
      setTrouble(
        `You are still signed in: ${fault} Whoever has this device meanwhile can read what is on it.`,
      );
      ask(true);
      return;
    }
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
      {asking && (
        <SignOutAsk
          who={who}
          waiting={held && { entries: waiting, pictures }}
          trouble={trouble}
          signOut={() => void signOut()}
          stay={() => ask(false)}
        />
      )}
    </>
  );
}
