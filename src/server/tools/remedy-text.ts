/** What a remedy's file says of itself: `export const name = defineRemedy({ id, … })`. */
export interface RemedyFile {
  path: string;
  id: string;
  name: string;
}

/** Reads a remedy's file by its words alone. Throws where it is none. */
export function readRemedyFile(path: string, text: string): RemedyFile {
  const name = /^export const (\w+) = defineRemedy/m.exec(text)?.[1];
  const id = /^\s+id: '([^']+)',$/m.exec(text)?.[1];
  if (!name) throw new Error(`${path}: expected one "export const … = defineRemedy"`);
  const file = path.split('/').at(-1);
  if (id === undefined || id !== file)
    throw new Error(`${path}: expected id: '${file}', got ${id ?? 'none'}`);
  return { path, id, name };
}

const inOrder = (files: readonly RemedyFile[]) =>
  [...files].sort((a, b) => (a.path < b.path ? -1 : 1));

const made = "// Made by `npm run rules` from the remedies' own files. Do not edit.\n";

/** The names of all remedies, as a type. */
export const remedyIdText = (files: readonly RemedyFile[]) =>
  `${made}export const remedyIds = [
${inOrder(files)
  .map(({ id }) => `  '${id}',`)
  .join('\n')}
] as const;
export type RemedyId = (typeof remedyIds)[number];
`;

/** Every remedy, in order. */
export const remediesText = (files: readonly RemedyFile[]) =>
  `${made}import type { RemedyId } from '../../vocabulary/remedy-id';
import type { Remedy } from './remedy';
${inOrder(files)
  .map(({ path, name }) => `import { ${name} } from './${path}';`)
  .join('\n')}

export const remedies: readonly Remedy[] = [
${inOrder(files)
  .map(({ name }) => `  ${name},`)
  .join('\n')}
];

const byId = new Map(remedies.map((remedy) => [remedy.id, remedy]));

export const remedyOf = (id: RemedyId): Remedy => byId.get(id)!;

/** Ways to mend, as the report and the pages of the rules say them. */
export const remedyWords = (ids: readonly RemedyId[]): string[] =>
  ids.map((id) => remedyOf(id).words);
`;
