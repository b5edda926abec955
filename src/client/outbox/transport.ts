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
  | { kind: 'refused'; reason: string }
  | { kind: 'unreachable' };

export type Transport = (
  member: string,
  inspection: string,
  entries: readonly Entry[],
) => Promise<Answer>;

/** Sends over HTTP. The member's name goes along, so that another's session does not deliver for him. */
export function httpTransport(origin = '', headers: Record<string, string> = {}): Transport {
  return async (member, inspection, entries) => {
    let response: Response;
    try {
      response = await fetch(`${origin}/api/entries`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'x-east-gate-member': member, ...headers },
        body: JSON.stringify({ inspection, entries }),
        signal: AbortSignal.timeout(20_000),
      });
      if (response.status === 401 || response.status === 409) return { kind: 'signed-out' };
      if (response.status === 400 || response.status === 413)
        return { kind: 'refused', reason: ((await response.json()) as { fault: string }).fault };
      if (!response.ok) return { kind: 'unreachable' };
      const { deliveries } = (await response.json()) as { deliveries: DeliveryResult[] };
      return { kind: 'delivered', results: deliveries };
    } catch {
      return { kind: 'unreachable' };
    }
  };
}
