import { byMember } from '../by-member';

/** Something a member wanted of the server where it was not reached, noted on this device until it is. */
export interface Errand {
  /** The page or file, by its path: of each one errand. */
  path: string;
  what: 'pdf' | 'package' | 'page';
  /** What it is, in words, without the place. */
  words: string;
  /** Undefined: of none. */
  inspection?: string | undefined;
}

/** Noted at most; of more the oldest leave. */
const most = 50;

const errands = byMember<readonly Errand[]>('east-gate-errands');

/** What a member wants once the server is reached, in the order it was noted. */
export const errandsOf = (member: string): readonly Errand[] => errands.of(member) ?? [];

/** @throws where this browser keeps nothing beyond a page */
export function noteErrand(member: string, errand: Errand): void {
  const others = errandsOf(member).filter(({ path }) => path !== errand.path);
  errands.set(member, [...others, errand].slice(-most));
}

export const dropErrand = (member: string, path: string): void =>
  errands.set(
    member,
    errandsOf(member).filter((one) => one.path !== path),
  );

const inspectionPath = /^\/inspections\/([A-Za-z0-9_-]{1,64})\//;

/** The inspection a path is of; undefined: of none. */
export const inspectionOf = (path: string): string | undefined => inspectionPath.exec(path)?.[1];

const pages: readonly [RegExp, string][] = [
  [/\/issue$/, 'issue the report'],
  [/^\/issued\//, 'open the issued report'],
  [/^\/office\//, 'open the office'],
  [/^\/account$/, 'open your account'],
];

/** What a page of the server is wanted for. */
export const pageWords = (path: string): string =>
  pages.find(([pattern]) => pattern.test(path))?.[1] ?? 'open this page';
