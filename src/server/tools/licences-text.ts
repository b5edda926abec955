interface Lock {
  packages: Record<string, { version?: string; license?: string; dev?: boolean }>;
}

/** Licences under which a package may be used here, as the registry spells them. */
export const allowed: readonly string[] = [
  'MIT',
  'MIT-0',
  'ISC',
  'BSD-2-Clause',
  'BSD-3-Clause',
  '0BSD',
  'Apache-2.0',
  'BlueOak-1.0.0',
  'CC0-1.0',
  'CC-BY-4.0',
  'Unlicense',
  'Zlib',
  'Python-2.0',
  'OFL-1.1',
  'MPL-2.0',
  'LGPL-3.0-or-later',
];

/** Licences of packages whose lock entry has none: read in the package's own LICENSE file. */
const stated: Readonly<Record<string, string>> = { 'png-js': 'MIT' };

const home = 'node_modules/';

/** Packages of a lock file: name, version, licence, and whether only development wants it. */
export const packagesOf = ({ packages }: Lock) =>
  Object.entries(packages)
    .filter(([path]) => path.startsWith(home))
    .map(([path, { version = '', license = 'not stated', dev = false }]) => ({
      name: path.slice(path.lastIndexOf(home) + home.length),
      version,
      licence: license,
      dev,
    }))
    .map((one) => ({ ...one, licence: stated[one.name] ?? one.licence }))
    .sort((a, b) => (a.name < b.name ? -1 : a.name > b.name ? 1 : a.version < b.version ? -1 : 1));

/** Whether every part of a licence is allowed: one of an "or" is enough. */
export function isAllowed(licence: string): boolean {
  const bare = licence.replaceAll(/[()]/g, '');
  return bare
    .split(' AND ')
    .every((part) => part.split(' OR ').some((one) => allowed.includes(one.trim())));
}

/** The page of licences, in Markdown, from the lock file alone. */
export function licencesText(lock: Lock): string {
  const all = packagesOf(lock);
  const table = (dev: boolean) =>
    [
      '| package | version | licence |',
      '| --- | --- | --- |',
      ...new Set(
        all
          .filter((one) => one.dev === dev)
          .map(({ name, version, licence }) => `| ${name} | ${version} | ${licence} |`),
      ),
    ].join('\n');
  return `# Licences

Packages of others, from \`package-lock.json\`, made by \`npm run licences\`; a test holds this page equal to
the lock and each licence to the list of those allowed here.

## Shipped

${table(false)}

## For development only

${table(true)}
`;
}
