'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PublicKeyCredentialRequestOptionsJSON } from '@simplewebauthn/browser';
import { postJson } from '@/client/http';
import { useAwake } from '../primitives/use-awake';

/**
 * Signs in by a passkey this device keeps.
 * @param after where to go then
 */
export function PasskeyButton({ after }: { after: string }) {
  const awake = useAwake();
  const router = useRouter();
  const [fault, setFault] = useState('');
  const signIn = async () => {
    setFault('');
    const asked = await postJson<{ options: PublicKeyCredentialRequestOptionsJSON }>(
      '/sign-in/passkey/options',
      {},
    );
    if (!asked.ok) return setFault(asked.faults.join(' '));
    try {
      const { startAuthentication } = await import('@simplewebauthn/browser');
      const response = await startAuthentication({ optionsJSON: asked.value.options });
      const answer = await postJson('/sign-in/passkey', response);
      if (!answer.ok) return setFault(answer.faults.join(' '));
      router.push(after);
      router.refresh();
    } catch {
      setFault('No passkey was used. Nothing was changed.');
    }
  };
  return (
    <div className="mt-3 grid gap-2">
      <button
        className="act min-h-11"
        type="button"
        disabled={!awake}
        onClick={() => void signIn()}
      >
        Sign in with a passkey
      </button>
      {fault && (
        <p role="alert" className="text-danger text-sm font-semibold">
          {fault}
        </p>
      )}
    </div>
  );
}
