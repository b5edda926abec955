import { askText } from '../http';
import { setLock } from '../lock/lock';
import { forget, openKept } from './kept';

/**
 * Signs a member out and clears away what was taken along, and the lock with it. What is held stays.
 * @returns why it could not be done; empty: it is done
 */
export async function signOutHere(member: string): Promise<string> {
  const answer = await askText('/sign-out', {
    method: 'post',
    headers: { 'content-type': 'application/x-www-form-urlencoded' },
    body: '',
  });
  if (!answer.ok) return answer.faults.join(' ');
  try {
    setLock(member, undefined);
    const db = await openKept();
    await forget(db, member).finally(() => db.close());
  } catch {
    // Nothing was kept where nothing can be.
  }
  return '';
}
