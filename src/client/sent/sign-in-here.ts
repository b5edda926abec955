import { signInPath } from '@/core/vocabulary/sign-in-path';

/** To sign in, and back to where one is. */
export const signInHere = (): string =>
  signInPath(`${window.location.pathname}${window.location.search}`);
