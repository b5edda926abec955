import { named, namedByContent } from './build';
import { shellAt } from './shell-paths';

/** What of a request decides how the device answers it. */
export interface Asked {
  method: string;
  url: string;
  /** Where this program comes from. */
  origin: string;
  /** A whole page is asked for. */
  navigates: boolean;
}

/** How the device answers: with a file of the build, with a kept page, with the server's word or our own, or not at all. */
export type Answering =
  | { kind: 'file' }
  | { kind: 'shell'; path: string; id: string }
  /** A page of the server alone: where it is not reached, a page of ours says so. */
  | { kind: 'page' }
  | { kind: 'pass' };

/** How a request is answered. Nothing but what the build holds is ever answered without the server here. */
export function answeringOf({ method, url, origin, navigates }: Asked): Answering {
  const asked = new URL(url);
  if (method !== 'GET' || asked.origin !== origin) return { kind: 'pass' };
  if (asked.pathname.startsWith(namedByContent) || named.includes(asked.pathname))
    return { kind: 'file' };
  if (!navigates) return { kind: 'pass' };
  const shell = shellAt(asked.pathname);
  return shell ? { kind: 'shell', ...shell } : { kind: 'page' };
}
