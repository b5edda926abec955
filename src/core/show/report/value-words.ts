import type { Fact } from '../../record/entries/inspection';
import type { Json } from '../../record/entries/entry';
import type { PropertyName } from '../../record/entries/properties';
import { propertySpec } from '../../record/entries/properties';
import { counted } from '../../vocabulary/phrases';
import { positionNumber } from '../../vocabulary/numbering';
import type { SiteView } from '../../installation/panel/site-view';
import { thingWords } from '../../installation/panel/thing-words';

/** A value as a reader meets it: the choice's words, the unit with the number, the thing it names. */
export function valueWords(
  { property, value, about }: Pick<Fact, 'property' | 'value'> & { about?: string },
  site: SiteView,
): string {
  const spec = propertySpec(property);
  const one = (each: Json): string => {
    if (typeof each === 'boolean') return each ? 'yes' : 'no';
    if (typeof each === 'string')
      return naming.has(property) ? thingWords(each, site) : (spec?.choices?.[each] ?? each);
    return String(each);
  };
  // A bare number of a length is millimetres, of a torque newton metres.
  const bare = spec && (bareUnits as Partial<Record<string, string>>)[spec.input];
  const unit = spec?.unit ? ` ${spec.unit}` : typeof value === 'number' && bare ? ` ${bare}` : '';
  if (value === null) return property === 'landsOn' ? 'no screw' : 'nothing';
  if (property === 'place') return placeWords(value, about, site);
  const plan = planValue(property, value);
  if (plan !== undefined) return plan;
  if (typeof value === 'number') return `${value}${unit}`;
  if (Array.isArray(value)) return value.map(one).join(', ') + unit;
  return typeof value === 'object' ? Object.values(value).map(one).join(' ') : one(value);
}

/** Of a chosen plan: figures from low to high, and how many where each goes by an id. */
function planValue(property: string, value: Json): string | undefined {
  if (property === 'planChoices') return counted((value as Json[]).length, 'work');
  if (property === 'planTell' && Array.isArray(value))
    return value.map((one) => (one as { why?: string } | null)?.why ?? '').join('; ');
  if (property === 'planOffered') return counted((value as Json[]).length, 'plan');
  if (property === 'planSteps') return counted((value as Json[]).length, 'step');
  if (property === 'planLines' || property === 'quoteLines')
    return counted((value as Json[]).length, 'line');
  if (property === 'quoteSum')
    return `${Math.round(value as number)} in the money of the cost book`;
  if (property === 'planDrafts') return counted((value as Json[]).length, 'statement');
  if (property !== 'planCost' && property !== 'planMinutes') return undefined;
  const { low, likely, high } = value as Record<'low' | 'likely' | 'high', number>;
  const unit = property === 'planMinutes' ? ' min' : ' in the money of the cost book';
  return `${Math.round(low)} to ${Math.round(high)}, likely ${Math.round(likely)}${unit}`;
}

/** Units of a number entered without one. */
const bareUnits = { length: 'mm', torque: 'N·m' } as const;

/** "Position 7", by the number printed beside it. */
function placeWords(value: Json, about: string | undefined, site: SiteView): string {
  const place = value as { kind: string; number?: number; column?: 1 | 2; row?: number };
  if (place.kind === 'main') return 'the compartment of the main';
  if (place.kind === 'pull-out') return `pull-out block ${place.number ?? ''}`.trim();
  const panel = site.panels.find(
    ({ id }) => id === (about && site.reader.inspection.things.get(about)?.in),
  );
  if (!panel || !place.column || !place.row) return 'a position';
  return `position ${positionNumber(panel.layout, place.column, place.row)}`;
}

/** Properties whose value is another thing or part, or several. */
const naming: ReadonlySet<string> = new Set<PropertyName>([
  'landsOn',
  'circuit',
  'terminals',
  'sharedNeutral',
  'insteadOf',
  'fedFrom',
  'feeds',
  'fedBy',
  'switchedOff',
  'aboutThing',
  'bondedAt',
  'groundsMeet',
  'lowerFedBy',
  'takenWith',
  'wishPanel',
  'neverWith',
]);
