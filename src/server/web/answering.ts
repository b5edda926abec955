import 'server-only';
import { isBusy } from '../share';
import { TooMuch } from '../heavy/pool';
import { NotAllowed } from '../session';
import { faults } from './read-json';
import type { Sent } from './sent';

/**
 * A handler that is asked for too much is answered so, with a word: at once, and when to ask again; or in one
 * thing. Whoever may not is told what he may not.
 */
export const answering =
  <S extends Sent = Request, A extends unknown[] = []>(
    handle: (request: S, ...more: A) => Promise<Response>,
  ) =>
  async (request: S, ...more: A): Promise<Response> => {
    try {
      return await handle(request, ...more);
    } catch (error) {
      if (error instanceof NotAllowed) return faults(403, error.message);
      if (error instanceof TooMuch) return faults(422, error.message);
      if (!isBusy(error)) throw error;
      const answer = faults(503, error.message);
      answer.headers.set('retry-after', '30');
      return answer;
    }
  };
