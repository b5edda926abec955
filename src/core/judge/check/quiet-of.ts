import type { PropertyName } from '../../record/entries/properties';
import type { Outcome } from './outcome';
import type { Place } from './place';
import type { Check, Quiet } from './quiet';
import type { Scene } from './scene';

/** Parts of places that are always there, and name what is to be looked at. */
const parts = ['device', 'terminal', 'conductor', 'circuit', 'cable', 'position', 'bar', 'thing'];
const names = ['id', 'ref'];

/** The check looked at something that may differ from place to place or from panel to panel. */
class LookedAround extends Error {}

/** Nothing but the given properties can be asked of it. */
const only = (given: Readonly<Record<string, unknown>>): unknown =>
  new Proxy(given, {
    get(of, key) {
      if (typeof key === 'string' && Object.hasOwn(of, key)) return of[key];
      throw new LookedAround();
    },
    has() {
      throw new LookedAround();
    },
    ownKeys() {
      throw new LookedAround();
    },
    getOwnPropertyDescriptor() {
      throw new LookedAround();
    },
  });

/** Stands for a name that is known only at a place. */
const nameOf = (...path: string[]) => `?${path.join('.')}`;

const place = only({
  ref: nameOf('ref'),
  ...Object.fromEntries(
    parts.map((part) => [
      part,
      only(Object.fromEntries(names.map((name) => [name, nameOf(part, name)]))),
    ]),
  ),
});
const panel = only({ id: nameOf('panel', 'id'), building: nameOf('panel', 'building') });

/**
 * What a check answers at every place alike while none of the facts it reads was ever recorded of
 * anything; undefined where it reads more than facts. Found by asking it once at a place of which
 * nothing but names can be read: a check is a function of what it reads, so it goes the same way at
 * every place where nothing more is there to be read.
 */
export function quietOf<P extends Place>(check: Check<P>): Quiet | undefined {
  const unless = new Set<PropertyName>();
  const hear =
    <T>(answer: T) =>
    (_: unknown, property?: PropertyName): T => {
      unless.add(property ?? (_ as PropertyName));
      return answer;
    };
  const reader = only({
    fact: hear(undefined),
    value: hear(undefined),
    facts: hear([]),
    isRecorded: hear(false),
    ofAnything: hear([]),
  });
  const scene = only({ site: only({ reader }), panel });
  let outcome: Outcome;
  try {
    outcome = check(place as P, scene as Scene);
  } catch (error) {
    if (error instanceof LookedAround) return undefined;
    throw error;
  }
  if (outcome.outcome !== 'not-seen' || outcome.likely || outcome.facts?.length) return undefined;
  const [wanted, ...more] = outcome.wants;
  if (!wanted || more.length > 0 || wanted.gap || unless.size === 0) return undefined;
  const { about, property, say } = wanted;
  if (say.includes('?')) return undefined;
  const subject = subjectOf(about);
  return subject && { unless: [...unless], property, say, subject };
}

/** The thing a name stands for, at a place of a panel. */
function subjectOf(name: string): Quiet['subject'] | undefined {
  if (!name.startsWith('?')) return undefined;
  const [of, by] = name.slice(1).split('.') as [string, string | undefined];
  if (of === 'ref') return ({ ref }) => ref;
  // Of the house: a place does not know its own panel, so only what stands under it is asked for.
  if (of === 'panel') return by === 'id' ? (_, panelId) => panelId : undefined;
  return (at) => (at as unknown as Record<string, Record<string, string>>)[of]![by!]!;
}
