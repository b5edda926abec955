import type { RuleMeta } from './rule';

const sinceOf = (rule: RuleMeta) =>
  rule.since === undefined
    ? rule.existingOnly
      ? 'Permitted only where it stands: legacy whatever its year.'
      : 'Always, or good practice.'
    : `Said in words since ${rule.since}.`;

/** The page of a rule, in Markdown: what, why, example, source, since, remedies in words. */
export function rulePage(rule: RuleMeta, remedies: readonly string[]): string {
  const [first] = Object.values(rule.messages);
  const why = first!.why.replaceAll(/\{(\w+)\}/g, '_$1_');
  const cover = rule.behindCover ? ', behind the cover' : '';
  const listing = rule.outsideListing
    ? '; outside the listing or label, so at least Repair by the label'
    : '';
  const hazards = rule.hazards.length > 0 ? `Hazard: ${rule.hazards.join(', ')}. ` : '';
  return `# ${rule.id}

${rule.title}. Looked for at stage ${rule.stage} of the walk${cover}. Base: severity ${rule.base.severity}, likelihood ${rule.base.likelihood}${listing}.

[Rule](../../../src/core/judge/rules/${rule.id}.ts) · [cases](../../../src/core/judge/rules/${rule.id}.cases.ts) · on screen: \`/library?rule=${rule.id}\`

## What

${rule.finds}

## Why

${hazards}${why}

## Example

${rule.example}

## Source

${rule.sources.map(({ code, says }) => `- ${code}: ${says}`).join('\n')}

## Since

${sinceOf(rule)}

## Remedies, ${rule.remediesInOrder ? 'in this order' : 'least work first'}

${remedies.map((one) => `- ${one}`).join('\n')}
`;
}
