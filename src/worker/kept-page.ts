import { idMark } from './shell-paths';

/** What a kept page is drawn for. */
export interface Drawn {
  id: string;
  theme: string;
  nonce: string;
}

/** Headers of an answer that say how it travelled: what is kept has arrived. */
const ofTravel = ['content-encoding', 'content-length', 'transfer-encoding', 'vary', 'date'];

/**
 * A page kept on the device, drawn for the inspection asked for. Its scripts carry a nonce of this answer alone, as
 * they do where the server answers.
 */
export async function drawnPage(kept: Response, { id, theme, nonce }: Drawn): Promise<Response> {
  const headers = new Headers(kept.headers);
  for (const name of ofTravel) headers.delete(name);
  const policy = headers.get('content-security-policy') ?? '';
  const before = /'nonce-([^']+)'/.exec(policy)?.[1];
  let html = (await kept.text()).replaceAll(idMark, id);
  if (before) {
    html = html.replaceAll(before, nonce);
    headers.set('content-security-policy', policy.replaceAll(before, nonce));
  }
  if (/^[a-z-]+$/.test(theme))
    html = html.replace(/ data-theme="[a-z-]*"/, ` data-theme="${theme}"`);
  return new Response(html, { headers });
}

/** Paths of the build’s files a page names: it is of the build that holds them all. */
export const filesNamedIn = (html: string): string[] => [
  ...new Set(html.match(/\/_next\/static\/[A-Za-z0-9_\-./~%]+/g) ?? []),
];
