'use client';

import { libraryPath } from '@/client/sent/paths';
import type { LibrarySent } from '../Library/sent';
import { Awaited } from '../primitives/Awaited';
import { Plan } from './Plan';

/** The cost book is the office's of today; what a plan used is recorded with it. */
export const PlanOfToday = () => (
  <Awaited<LibrarySent> path={libraryPath} what="the plan">
    {({ settings }) => <Plan book={settings.costBook} />}
  </Awaited>
);
