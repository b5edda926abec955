const key = 'east-gate-member';

/** Whose device this is: who was signed in here last, and did not sign out. */
export const memberHere = (): string | undefined => localStorage.getItem(key) ?? undefined;

export function setMemberHere(member: string | undefined): void {
  if (member === undefined) localStorage.removeItem(key);
  else if (localStorage.getItem(key) !== member) localStorage.setItem(key, member);
}
