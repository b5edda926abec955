import { readdirSync, readFileSync } from 'node:fs';
import type { RuleFile } from './registry-text';
import { casesText, readRuleFile, registryText, ruleIdText } from './registry-text';
import type { RemedyFile } from './remedy-text';
import { readRemedyFile, remediesText, remedyIdText } from './remedy-text';

const home = 'src/core/judge/rules';

/** Every rule that has a file, registered or not. */
export const ruleFiles = (): RuleFile[] =>
  readdirSync(home, { recursive: true, encoding: 'utf8' })
    .filter((path) => path.includes('/') && /(?<!\.cases|\.test)\.ts$/.test(path))
    .map((path) =>
      readRuleFile(path.replace(/\.ts$/, ''), readFileSync(`${home}/${path}`, 'utf8')),
    );

const remedyHome = 'src/core/advise/remedies';
/** Folders beside the remedies that hold what they do, not remedies. */
const notRemedies = ['ways', 'panel-work'];

/** Every remedy that has a file: its id, the name it is exported by, and its path. */
export const remedyFiles = (): RemedyFile[] =>
  readdirSync(remedyHome, { recursive: true, encoding: 'utf8' })
    .filter(
      (path) =>
        path.includes('/') &&
        /(?<!\.test)\.ts$/.test(path) &&
        !notRemedies.includes(path.split('/')[0]!),
    )
    .map((path) =>
      readRemedyFile(path.replace(/\.ts$/, ''), readFileSync(`${remedyHome}/${path}`, 'utf8')),
    );

/** What is made from the remedies' files: path and text. */
export const madeFromRemedies = (files = remedyFiles()): [path: string, text: string][] => [
  ['src/core/vocabulary/remedy-id.ts', remedyIdText(files)],
  [`${remedyHome}/index.ts`, remediesText(files)],
];

/** What is made from the rules' files: path and text. */
export const madeFromRules = (files = ruleFiles()): [path: string, text: string][] => [
  ['src/core/vocabulary/rule-id.ts', ruleIdText(files)],
  [`${home}/index.ts`, registryText(files)],
  [`${home}/cases.ts`, casesText(files)],
];
