/** What a browser may do with an answer, by its path. */
export interface PolicyOf {
  path: string;
  /** Of this answer alone: scripts of the page carry it. */
  nonce: string;
  /** Reached by https from outside. */
  secure: boolean;
}

/** Headers of every answer. */
export function headersOf({ path, nonce, secure }: PolicyOf): Record<string, string> {
  return {
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'same-origin',
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
    'permissions-policy': permissions,
    ...(secure && { 'strict-transport-security': 'max-age=63072000' }),
    ...(path.startsWith('/_next/') || path === '/icon.svg'
      ? {}
      : {
          // Nothing of an office stays in a cache between: an answer that may be kept says so itself.
          'cache-control': 'private, no-store',
          'content-security-policy': isPage(path) ? pagePolicy(nonce) : dataPolicy,
        }),
  };
}

const permissions = [
  ...['camera', 'geolocation', 'payment', 'usb', 'browsing-topics'].map((one) => `${one}=()`),
  // For spoken notes.
  'microphone=(self)',
].join(', ');

/** A path that answers with a page, not with data or a file. */
const isPage = (path: string): boolean =>
  !path.startsWith('/api/') &&
  !/\.(pdf|zip|json|csv|svg)$/.test(path) &&
  !/\/(pictures|sounds)\/[^/]+$/.test(path);

/**
 * Scripts of this program alone: those the page names carry its nonce, those a worker loads come from
 * here. Styles may stand in the page: the drawing is full of them and they run nothing.
 */
const pagePolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'wasm-unsafe-eval'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "media-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Data and files run nothing and are shown in nobody's frame. */
const dataPolicy =
  "default-src 'none'; style-src 'unsafe-inline'; img-src 'self'; frame-ancestors 'none'; base-uri 'none'";
