import type { Entry } from '../../record/entries/entry';
import type { PropertyName } from '../../record/entries/properties';
import { propertySpec } from '../../record/entries/properties';
import type { SiteView } from '../../installation/panel/site-view';
import { thingWords } from '../../installation/panel/thing-words';
import { valueWords } from './value-words';

/** What an entry says, in words: the thing, then each fact. */
export function entryWords(
  entry: Entry,
  site: SiteView,
  /** Left out: said by where the thing stands. */
  without: ReadonlySet<string> = hidden,
): { about: string; says: string[] } {
  if (entry.kind === 'undo') return { about: 'Taken back', says: [] };
  const ref = entry.kind === 'add' ? entry.thing : entry.about;
  const says = Object.entries(entry.facts)
    .filter(([property]) => !without.has(property))
    .map(([property, value]) => {
      const label = propertySpec(property)?.label ?? property;
      return `${label}: ${valueWords({ property, value, about: ref }, site)}`;
    });
  return { about: thingWords(ref, site), says };
}

/** Said by where the thing stands, not as words. */
const hidden: ReadonlySet<string> = new Set<PropertyName>([
  'landsOn',
  'terminals',
  'sharedNeutral',
  'circuit',
  'place',
]);
