'use client';

import { Dialog } from 'radix-ui';
import { countedEntries, countedFiles } from '@/core/vocabulary/phrases';
import type { Who } from '../who';
import { saveHeld } from './save-held';

interface SignOutAskProps {
  who: Who;
  /** Entries and pictures that wait; undefined: it is not known yet what is held. */
  waiting: { entries: number; pictures: number } | undefined;
  /** Why it could not be done; empty: it was not tried yet. */
  trouble: string;
  signOut(): void;
  stay(): void;
}

/** Asked before somebody signs out of a device that holds what has not arrived, and said where it could not be done. */
export function SignOutAsk({ who, waiting, trouble, signOut, stay }: SignOutAskProps) {
  const { entries, pictures } = waiting ?? { entries: 0, pictures: 0 };
  const what = [
    entries > 0 && countedEntries(entries),
    pictures > 0 && `${countedFiles(pictures)} (photos, spoken notes)`,
  ]
    .filter(Boolean)
    .join(' and ');
  return (
    <Dialog.Root open onOpenChange={(open) => !open && stay()}>
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
              (waiting
                ? `${what} recorded here wait to be sent. They stay on this device, and are sent when you sign in on it again; nobody else can send them.`
                : 'What this device holds could not be read yet. What you recorded stays on it, and is sent when you sign in on it again.')}
          </p>
          <p className="flex flex-wrap gap-2">
            <button className="act act-main" onClick={stay}>
              Stay signed in
            </button>
            {entries + pictures > 0 && (
              <button className="act" onClick={() => void saveHeld(who)}>
                Save them to a file
              </button>
            )}
            <button className="act" onClick={signOut}>
              {trouble ? 'Try again' : 'Sign out all the same'}
            </button>
          </p>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
