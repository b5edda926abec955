/** What may be posted where: kinds of content, and the most bytes that are read. */
export interface Posting {
  path: RegExp;
  /** Media types; nothing named counts as the first. */
  types: readonly string[];
  mostBytes: number;
  /** A body of no named type is taken too. */
  untyped?: true;
}

const kb = 1024;
const mb = 1024 * kb;
const json = ['application/json'];
const form = ['application/x-www-form-urlencoded'];

/** Every path that takes anything. Whatever is posted elsewhere is refused. */
export const postings = {
  entries: { path: /^\/api\/entries$/, types: json, mostBytes: 4 * mb },
  /** Who is at an inspection. */
  live: { path: /^\/api\/live$/, types: json, mostBytes: 4 * kb },
  settings: { path: /^\/api\/settings$/, types: json, mostBytes: 2 * mb },
  links: {
    path: /^\/api\/(links|links\/revoke|reports|reports\/verify)$/,
    types: json,
    mostBytes: 64 * kb,
  },
  /** People, accounts, letters: small, and by who may. */
  office: {
    path: /^\/api\/(people|account|letters|office)\/[a-z/-]+$/,
    types: json,
    mostBytes: 64 * kb,
  },
  /** By whoever has a link, or nothing yet. */
  open: {
    path: /^\/(found\/[^/]+\/submit|join\/[^/]+\/submit|reset\/submit|reset\/[^/]+\/submit|sign-in\/passkey|sign-in\/passkey\/options)$/,
    types: json,
    mostBytes: 16 * kb,
  },
  packages: {
    path: /^\/api\/packages$/,
    types: [
      'application/zip',
      'application/x-zip-compressed',
      'application/pdf',
      'application/octet-stream',
    ],
    mostBytes: 64 * mb,
    untyped: true,
  },
  pictures: {
    path: /^\/api\/pictures$/,
    types: ['image/jpeg', 'image/png', 'image/webp', 'application/octet-stream'],
    mostBytes: 8 * mb,
    untyped: true,
  },
  sounds: {
    path: /^\/api\/sounds$/,
    types: ['audio/webm', 'audio/ogg', 'audio/mp4', 'application/octet-stream'],
    // A part of one.
    mostBytes: 256 * kb,
    untyped: true,
  },
  forms: {
    path: /^\/(sign-in\/submit|r\/[^/]+\/acknowledge)$/,
    types: form,
    mostBytes: 16 * kb,
  },
  signOut: { path: /^\/sign-out$/, types: form, mostBytes: 16 * kb, untyped: true },
} as const satisfies Record<string, Posting>;

export const postingTo = (path: string): Posting | undefined =>
  Object.values<Posting>(postings).find((one) => one.path.test(path));
