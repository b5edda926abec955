import { readFileSync, writeFileSync } from 'node:fs';
import { licencesText } from './licences-text';

writeFileSync(
  'docs/licences.md',
  licencesText(
    JSON.parse(readFileSync('package-lock.json', 'utf8')) as Parameters<typeof licencesText>[0],
  ),
);
