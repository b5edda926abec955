import { readdirSync, readFileSync } from 'node:fs';
import type { RuleFile } from './registry-text';
import { casesText, readRuleFile, registryText, ruleIdText } from './registry-text';

const home = 'src/core/judge/rules';

/** Every rule that has a file, registered or not. */
export const ruleFiles = (): RuleFile[] =>
  readdirSync(home, { recursive: true, encoding: 'utf8' })
    .filter((path) => path.includes('/') && /(?<!\.cases|\.test)\.ts$/.test(path))
    .map((path) =>
      readRuleFile(path.replace(/\.ts$/, ''), readFileSync(`${home}/${path}`, 'utf8')),
    );

/** What is made from the rules' files: path and text. */
export const madeFromRules = (files = ruleFiles()): [path: string, text: string][] => [
  ['src/core/vocabulary/rule-id.ts', ruleIdText(files)],
  [`${home}/index.ts`, registryText(files)],
  [`${home}/cases.ts`, casesText(files)],
];
