import { themeOf } from '@/core/vocabulary/themes';
import { memberHere } from '../kept/member-here';
import { outboxFor } from '../outbox/outbox';
import { tidyHeld } from '../outbox/tidy';
import { keepPages, tellTheme } from './on-device';
import { versionHere } from './version-here';

/** Begins what a page does besides what it shows: sends what is held, and keeps the pages on this device. */
export function begin(): () => void {
  const member = memberHere();
  // Without storage nothing is held: the views say so where something is recorded.
  if (member)
    void outboxFor(member)
      .then(({ db }) => tidyHeld(db, member, new Date()))
      .catch(() => undefined);
  tellTheme(themeOf(document.documentElement.dataset.theme));
  return keepPages(versionHere.set);
}
