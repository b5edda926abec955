import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { rulePage } from '@/core/judge/check/rule-page';
import { madeFromRemedies, madeFromRules } from './rule-files';

/** Writes the registry, the ids, the list of cases, and docs/rules/<id>.md, all from the rules' own files. */
for (const [file, text] of [...madeFromRules(), ...madeFromRemedies()]) writeFileSync(file, text);
const { rules } = await import('@/core/judge/rules');
const { remedyWords } = await import('@/core/advise/remedies');
for (const rule of rules) {
  const file = `docs/rules/${rule.id}.md`;
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, rulePage(rule, remedyWords(rule.remedies)));
}
