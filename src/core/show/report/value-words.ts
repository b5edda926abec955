import type { Fact } from '../../record/entries/inspection';
import type { PropertyName } from '../../record/entries/properties';
import { propertySpec } from '../../record/entries/properties';
import type { SiteView } from '../../installation/panel/site-view';
import { thingWords } from '../../installation/panel/thing-words';

/** A value as a reader meets it: the choice's words, the unit with the number. */
export function valueWords(
  { property, value }: Pick<Fact, 'property' | 'value'>,
  /** Where the value names another thing: to say which. */
  site?: SiteView,
): string {
  const spec = propertySpec(property);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string' && site && naming.has(property)) return thingWords(value, site);
  if (typeof value === 'string') return spec?.choices?.[value] ?? value;
  if (typeof value === 'number') return spec?.unit ? `${value} ${spec.unit}` : String(value);
  if (Array.isArray(value)) {
    const words = value.map((one) => spec?.choices?.[String(one)] ?? String(one));
    return words.join(', ') + (spec?.unit ? ` ${spec.unit}` : '');
  }
  return value === null ? 'nothing' : Object.values(value).join(' ');
}

/** Properties whose value is another thing or part. */
const naming: ReadonlySet<string> = new Set<PropertyName>([
  'landsOn',
  'circuit',
  'fedFrom',
  'feeds',
  'aboutThing',
  'bondedAt',
  'lowerFedBy',
]);
