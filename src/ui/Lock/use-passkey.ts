'use client';

import { useState } from 'react';

const nobody =
  'This passkey was not used: nothing was opened. Try again, or use the way out below.';

/** Asks the device for one of a member’s passkeys, by finger, face or its own PIN; no server is asked. */
export function usePasskey(): { ask(ids: readonly string[]): Promise<boolean>; fault: string } {
  const [fault, setFault] = useState('');
  const ask = async (ids: readonly string[]): Promise<boolean> => {
    setFault('');
    try {
      const { startAuthentication, bufferToBase64URLString } =
        await import('@simplewebauthn/browser');
      const challenge = crypto.getRandomValues(new Uint8Array(32));
      const answer = await startAuthentication({
        optionsJSON: {
          challenge: bufferToBase64URLString(challenge.buffer),
          rpId: window.location.hostname,
          userVerification: 'required',
          allowCredentials: ids.map((id) => ({ id, type: 'public-key' })),
        },
      });
      if (ids.includes(answer.id)) return true;
    } catch {
      // Refused, or none was chosen: told below.
    }
    setFault(nobody);
    return false;
  };
  return { ask, fault };
}
