import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { rules } from '@/core/judge/rules';
import { rulePage } from '@/core/judge/check/rule-page';

/** Writes docs/rules/<id>.md for every rule, from the rule itself. */
for (const rule of rules) {
  const file = `docs/rules/${rule.id}.md`;
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, rulePage(rule));
}
