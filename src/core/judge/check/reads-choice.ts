import type { Fact } from '../../record/entries/inspection';
import type { PropertyName, PropertySpec } from '../../record/entries/properties';
import { properties } from '../../record/entries/properties';
import type { Place } from './place';
import type { Check, FoundOutcome, Outcome, Scene } from './rule';
import type { MessageData } from '../../vocabulary/fill';
import { clear, found, notSeen, want } from './rule';

/** What a value means: the id of a message, or that with more. */
type Adverse =
  | string
  | ({ message: string } & Partial<Pick<FoundOutcome, 'base' | 'danger' | 'most' | 'since'>>);

interface Choice<P extends Place> {
  property: PropertyName;
  /** Imperative and short: how to get the fact. */
  say: string;
  /** Values that are found; any other value is clear. */
  adverse: Readonly<Record<string, Adverse>>;
  /** Words for the message besides {place} and {value}. */
  data?(place: P, scene: Scene): MessageData;
}

/** The check of a rule that rests on one recorded choice or yes-no: unread is not seen. */
export function readsChoice<P extends Place>({
  property,
  say,
  adverse,
  data,
}: Choice<P>): Check<P> {
  const check = (place: P, scene: Scene): Outcome => {
    const thing = place.ref;
    const fact = scene.site.reader.fact(thing, property) as Fact | undefined;
    if (!fact) return notSeen(want(thing, property, say));
    const meaning = adverse[String(fact.value)];
    const words = wordsOf(property, fact.value);
    if (meaning === undefined) return clear(words, fact);
    const { message, ...more } = typeof meaning === 'string' ? { message: meaning } : meaning;
    return found(message, { value: words, ...data?.(place, scene) }, [fact], more);
  };
  return Object.assign(check, { quiet: { unless: [property], property, say } });
}

/** A choice in the words of its form; yes and no for a yes-no. */
function wordsOf(property: PropertyName, value: unknown): string {
  const spec = properties[property] as PropertySpec;
  if (typeof value === 'boolean') return `${spec.label}: ${value ? 'yes' : 'no'}`;
  return spec.choices?.[String(value)] ?? String(value);
}
