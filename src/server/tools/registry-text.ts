/** What a rule's file says of itself: `export const name = defineRule({ id, stage, … })`. */
export interface RuleFile {
  id: string;
  name: string;
  stage: number;
}

/** Reads a rule's file by its words alone, so that the registry can be written before it is there. Throws where it is none. */
export function readRuleFile(id: string, text: string): RuleFile {
  const name = /^export const (\w+) = defineRule/m.exec(text)?.[1];
  const said = /^\s+id: '([^']+)',$/m.exec(text)?.[1];
  const stage = /^\s+stage: (\d+),$/m.exec(text)?.[1];
  if (!name) throw new Error(`${id}: expected one "export const … = defineRule"`);
  if (said !== id) throw new Error(`${id}: expected id: '${id}', got ${said ?? 'none'}`);
  if (!stage) throw new Error(`${id}: expected the stage it is looked for at`);
  return { id, name, stage: Number(stage) };
}

/** Rules in the order of the walk, then by id. */
export const inOrder = (files: readonly RuleFile[]): RuleFile[] =>
  [...files].sort((a, b) => a.stage - b.stage || (a.id < b.id ? -1 : 1));

const made = "// Made by `npm run rules` from the rules' own files. Do not edit.\n";

/** The names of all rules, as a type: a list that names what is not there does not compile. */
export const ruleIdText = (files: readonly RuleFile[]) =>
  `${made}export const ruleIds = [
${inOrder(files)
  .map(({ id }) => `  '${id}',`)
  .join('\n')}
] as const;
export type RuleId = (typeof ruleIds)[number];
/** What a rule is about: the first part of its id. */
export type RuleGroup = RuleId extends \`\${infer Group}/\${string}\` ? Group : never;
`;

/** Every rule, in order. */
export const registryText = (files: readonly RuleFile[]) =>
  `${made}import type { Rule } from '../check/rule';
${inOrder(files)
  .map(({ id, name }) => `import { ${name} } from './${id}';`)
  .join('\n')}

export const rules: readonly Rule[] = [
${inOrder(files)
  .map(({ name }) => `  ${name},`)
  .join('\n')}
];

export const ruleById: ReadonlyMap<string, Rule> = new Map(rules.map((rule) => [rule.id, rule]));
`;

/** Every rule's table of cases. */
export const casesText = (files: readonly RuleFile[]) =>
  `${made}import type { RuleCase } from '../../testing/rule-cases';
import type { RuleId } from '../../vocabulary/rule-id';
${inOrder(files)
  .map(({ id, name }) => `import { cases as ${name} } from './${id}.cases';`)
  .join('\n')}

export const casesByRule: ReadonlyMap<RuleId, readonly RuleCase[]> = new Map<
  RuleId,
  readonly RuleCase[]
>([
${inOrder(files)
  .map(({ id, name }) => `  ['${id}', ${name}],`)
  .join('\n')}
]);
`;
