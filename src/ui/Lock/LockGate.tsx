'use client';

import { useLayoutEffect, useState } from 'react';
import { usePathname } from 'next/navigation';
import { watchLock } from '@/client/lock/watch';
import { lazily } from '../primitives/lazily';
import { isPageOfMembers } from '../Device/pages-of-members';

const LockScreen = lazily(async () => (await import('./LockScreen')).LockScreen);

/** Hides the page of a member behind the lock of the screen, where it is locked. */
export function LockGate() {
  const wanted = isPageOfMembers(usePathname());
  const [locked, setLocked] = useState(false);
  useLayoutEffect(() => (wanted ? watchLock(setLocked) : undefined), [wanted]);
  const shut = wanted && locked;
  useLayoutEffect(() => {
    document.documentElement.toggleAttribute('data-locked', shut);
  }, [shut]);
  return shut ? (
    <div data-lock-screen>
      <LockScreen />
    </div>
  ) : null;
}
