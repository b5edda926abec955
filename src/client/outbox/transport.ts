import { postJson } from '../http';
import type { Entry } from '@/core/record/entries/entry';

export interface DeliveryResult {
  id: string;
  outcome: 'arrived' | 'refused';
  reason?: string;
}

/** What the server said to a batch, or that nothing was heard. */
export type Answer =
  | { kind: 'delivered'; results: DeliveryResult[] }
  | { kind: 'signed-out' }
  /** The member may not record in this office, now. */
  | { kind: 'not-allowed' }
  | { kind: 'refused'; reason: string }
  | { kind: 'unreachable' };

export type Transport = (
  member: string,
  inspection: string,
  entries: readonly Entry[],
) => Promise<Answer>;

/**
 * Sends over HTTP. The member's name goes along, so that another's session does not deliver for him.
 * @param onEnded called where somebody ended the session of this device
 */
export function httpTransport(
  origin = '',
  headers: Record<string, string> = {},
  onEnded: () => void = () => undefined,
): Transport {
  return async (member, inspection, entries) => {
    const answer = await postJson<{ deliveries: DeliveryResult[] }>(
      `${origin}/api/entries`,
      { inspection, entries },
      { headers: { 'x-east-gate-member': member, ...headers } },
    );
    if (answer.ok) return { kind: 'delivered', results: answer.value.deliveries };
    if (answer.status === 401 && (answer.said as { ended?: boolean }).ended) onEnded();
    switch (answer.status) {
      case 401:
      case 409:
        return { kind: 'signed-out' };
      case 403:
        return { kind: 'not-allowed' };
      case 400:
      case 413:
        return { kind: 'refused', reason: answer.faults.join(' ') };
      default:
        return { kind: 'unreachable' };
    }
  };
}
