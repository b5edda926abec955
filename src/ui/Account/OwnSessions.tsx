'use client';

import { localTimeWords } from '../primitives/local-time';
import { Said } from '../primitives/Said';
import { useAwake } from '../primitives/use-awake';
import { usePosting } from '../primitives/use-posting';

export interface OwnSession {
  id: string;
  device: string;
  begun: string;
  used: string;
  /** The one that looks at this. */
  here: boolean;
}

/** Where one is signed in; each can be ended from here. */
export function OwnSessions({ sessions }: { sessions: readonly OwnSession[] }) {
  const awake = useAwake();
  const { post, said, busy } = usePosting();
  const end = (session: string, done: string) =>
    void post('/api/account/sessions', { session }, done);
  return (
    <>
      <ul className="border-ink border-t-2">
        {sessions.map((one) => (
          <li key={one.id} className="border-hair flex items-center gap-3 border-b py-2">
            <span>
              <span className="font-semibold">{one.device || 'A browser'}</span>
              {one.here && ', this one'}
              <br />
              <span className="text-ink2">
                {/* The clock of whoever looks is known there alone. */}
                <span suppressHydrationWarning>used {localTimeWords(one.used)}</span>
              </span>
            </span>
            {!one.here && (
              <button
                className="act ml-auto"
                type="button"
                disabled={!awake || busy}
                aria-label={`End the session of ${one.device || 'a browser'}, used ${localTimeWords(one.used)}`}
                onClick={() => end(one.id, 'Ended. That device asks for your password again.')}
              >
                End
              </button>
            )}
          </li>
        ))}
      </ul>
      <p className="text-ink2">
        A session ends by itself 14 days after it was used last. A device you lost: end its session
        here. When it next reaches the server it clears away its copies; what it holds and has not
        sent stays on it, and is sent by you alone.
      </p>
      {sessions.length > 1 && (
        <button
          className="act justify-self-start"
          type="button"
          disabled={!awake || busy}
          onClick={() => end('others', 'Every other session is ended.')}
        >
          End all others
        </button>
      )}
      <Said said={said} />
    </>
  );
}
