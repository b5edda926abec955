'use client';

import { useState } from 'react';
import type { PublicKeyCredentialCreationOptionsJSON } from '@simplewebauthn/browser';
import { localTimeWords } from '../primitives/local-time';
import { LabelledField } from '../primitives/LabelledField';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

export interface Passkey {
  id: string;
  name: string;
  made: string;
  used: string | undefined;
}

/** Passkeys of one’s own: signed in by a finger or a face, nothing typed with gloves on. */
export function Passkeys({ passkeys }: { passkeys: readonly Passkey[] }) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [name, setName] = useState('');
  const [fault, setFault] = useState('');
  const add = async () => {
    setFault('');
    const asked = await post<{ options: PublicKeyCredentialCreationOptionsJSON }>(
      '/api/account/passkeys/options',
      {},
      '',
    );
    if (!asked) return;
    try {
      const { startRegistration } = await import('@simplewebauthn/browser');
      const response = await startRegistration({ optionsJSON: asked.options });
      const done = await post('/api/account/passkeys', { name, response }, 'Added.');
      if (done) setName('');
    } catch {
      setFault('This device made no passkey. Nothing was added.');
    }
  };
  return (
    <>
      {passkeys.length === 0 ? (
        <p className="text-ink2">
          None yet. With one you sign in by finger, face or PIN of the device, and type no password
          at the panel.
        </p>
      ) : (
        <ul className="border-ink border-t-2">
          {passkeys.map((one) => (
            <li key={one.id} className="border-hair flex items-center gap-3 border-b py-2">
              <span>
                <span className="font-semibold">{one.name}</span>
                <br />
                <span className="text-ink2">
                  {one.used ? `used ${localTimeWords(one.used)}` : 'not used yet'}
                </span>
              </span>
              <button
                className="act ml-auto"
                type="button"
                disabled={!awake || busy}
                aria-label={`Remove the passkey ${one.name}`}
                onClick={() =>
                  void post('/api/account/passkeys/remove', { passkey: one.id }, 'Removed.')
                }
              >
                Remove
              </button>
            </li>
          ))}
        </ul>
      )}
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <LabelledField
          label="Name of the device"
          required
          maxLength={100}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <button className="act" disabled={!awake || busy}>
          Add a passkey
        </button>
      </form>
      <Said said={fault ? { good: false, words: fault } : said} />
    </>
  );
}
