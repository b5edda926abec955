'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { postJson } from '@/client/http';

/**
 * Sends something of a page to the server, tells what became of it, and has the page read anew.
 * @param anew false: what was sent uses the page up, and reading it anew would find nothing
 */
export function usePosting(anew = true) {
  const router = useRouter();
  const [said, setSaid] = useState<{ good: boolean; words: string }>();
  const [busy, setBusy] = useState(false);
  const post = async <T>(path: string, body: unknown, done: string): Promise<T | undefined> => {
    setBusy(true);
    const answer = await postJson<T>(path, body);
    setBusy(false);
    setSaid(
      answer.ok ? { good: true, words: done } : { good: false, words: answer.faults.join(' ') },
    );
    if (!answer.ok) return undefined;
    if (anew) router.refresh();
    return answer.value;
  };
  return { post, said, busy };
}
