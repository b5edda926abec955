import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const cable = (
  cableKind: PropertyValue<'cableKind'>,
  methodFault?: PropertyValue<'methodFault'>,
): Given => ({
  lines: ['7 20 12cu'],
  facts: { 'cable 7': { cableKind, ...(methodFault && { methodFault }) } },
});

export const cases: readonly RuleCase[] = [
  ['flexible cord', cable('cord'), 'found: cord'],
  ['unsupported', cable('nm', 'unsupported'), 'found: fault'],
  ['low-voltage cable beside power', cable('nm', 'low-voltage'), 'found: fault'],
  ['nothing wrong seen', cable('nm', 'none'), 'clear'],
  ['the run not looked along', cable('nm'), 'not-seen'],
];
