import { memberCookie } from '@/core/vocabulary/member-cookie';

const daysKept = 90;

/**
 * Whose this device is: who signed in here last, and did not sign out. The server says so when somebody signs in, so
 * that nothing kept for the one before is shown to the next.
 */
export const memberHere = (): string | undefined =>
  new RegExp(`(?:^|;\\s*)${memberCookie}=([^;]+)`).exec(document.cookie)?.[1];

/** For whom the server just answered: a session may be older than this word of it. */
export function setMemberHere(member: string): void {
  if (member === memberHere()) return;
  document.cookie = `${memberCookie}=${member}; path=/; max-age=${daysKept * 24 * 60 * 60}; samesite=lax`;
}

/** This device is nobody's: nothing that is kept on it is shown until somebody signs in. */
export function leaveDevice(): void {
  document.cookie = `${memberCookie}=; path=/; max-age=0; samesite=lax`;
}
