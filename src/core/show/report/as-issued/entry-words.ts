import type { SiteView } from '../../../installation/panel/site-view';
import { thingWords } from '../../../installation/panel/thing-words';
import type { Entry, Json } from '../../../record/entries/entry';
import type { PropertyName } from '../../../record/entries/properties';
import { propertySpec } from '../../../record/entries/properties';

/** What an entry said in the whole record of a report issued before texts were sealed. Never changed. */
export function entryWordsAsIssued(
  entry: Entry,
  site: SiteView,
): { about: string; says: string[] } {
  if (entry.kind === 'undo') return { about: 'Taken back', says: [] };
  const says = Object.entries(entry.facts).map(
    ([property, value]) =>
      `${labels[property] ?? propertySpec(property)?.label ?? property}: ${said(property, value, site)}`,
  );
  return { about: words(entry.kind === 'add' ? entry.thing : entry.about, site), says };
}

/** What a property was called then, where it is called otherwise since. */
const labels: Readonly<Record<string, string>> = { scope: 'This inspector' };

const words = (ref: string, site: SiteView) => thingWords(ref, site, () => 'Breaker');

function said(property: string, value: Json, site: SiteView): string {
  const spec = propertySpec(property);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string' && naming.has(property)) return words(value, site);
  if (typeof value === 'string') return spec?.choices?.[value] ?? value;
  if (typeof value === 'number') return spec?.unit ? `${value} ${spec.unit}` : String(value);
  if (Array.isArray(value)) {
    const each = value.map((one) => spec?.choices?.[String(one)] ?? String(one));
    return each.join(', ') + (spec?.unit ? ` ${spec.unit}` : '');
  }
  return value === null ? 'nothing' : Object.values(value).join(' ');
}

const naming: ReadonlySet<string> = new Set<PropertyName>([
  'landsOn',
  'circuit',
  'fedFrom',
  'feeds',
  'aboutThing',
  'bondedAt',
  'lowerFedBy',
]);
