'use client';

import { useState } from 'react';
import { LabelledField } from '../primitives/LabelledField';
import { localTimeWords } from '../primitives/local-time';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

type State = 'kept' | 'waiting' | 'sending' | 'sent' | 'perhaps' | 'failed';

interface LettersProps {
  /** A mail server is set up. */
  sent: boolean;
  letters: readonly {
    id: string;
    to: string;
    subject: string;
    state: State;
    fault: string;
    written: string;
  }[];
}

const stateWords: Record<State, string> = {
  kept: 'kept here: no mail server is set up',
  waiting: 'waits to be sent',
  sending: 'is being sent',
  sent: 'taken by the mail server',
  perhaps: 'perhaps sent: nobody knows whether it arrived',
  failed: 'not sent',
};

/** What became of the letters of the office. */
export function Letters({ sent, letters }: LettersProps) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const [to, setTo] = useState('');
  return (
    <div className="grid gap-4">
      <p className="text-ink2 max-w-prose">
        {sent
          ? 'Letters leave by the mail server that is set up. That it took one does not say that it was read.'
          : 'No mail server is set up: letters stay here, and links are handed over by whoever made them. Whoever runs East Gate sets SMTP_URL.'}
      </p>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void post('/api/letters/trial', { to }, 'Written. What became of it stands below.');
        }}
      >
        <LabelledField
          label="Send a trial letter to"
          type="email"
          required
          maxLength={254}
          value={to}
          onChange={(event) => setTo(event.target.value)}
        />
        <button className="act" disabled={!awake || busy}>
          Send
        </button>
      </form>
      <Said said={said} />
      {letters.length === 0 ? (
        <p>Nothing was written yet.</p>
      ) : (
        <ul className="border-ink border-t-2">
          {letters.map((letter) => (
            <li key={letter.id} className="border-hair flex items-center gap-3 border-b py-2">
              <span className="min-w-0">
                <span className="font-semibold">{letter.subject}</span>
                <br />
                <span className="text-ink2" suppressHydrationWarning>
                  to {letter.to}, written {localTimeWords(letter.written)}
                </span>
                <br />
                <span
                  className={
                    letter.state === 'failed' || letter.state === 'perhaps'
                      ? 'text-danger font-semibold'
                      : ''
                  }
                >
                  {stateWords[letter.state]}
                  {letter.fault && `: ${letter.fault}`}
                </span>
              </span>
              {(letter.state === 'failed' || letter.state === 'perhaps') && (
                <button
                  className="act ml-auto"
                  type="button"
                  disabled={!awake || busy}
                  aria-label={`Send again: ${letter.subject}, to ${letter.to}`}
                  onClick={() =>
                    void post('/api/letters/again', { letter: letter.id }, 'It is sent again.')
                  }
                >
                  Send again
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
