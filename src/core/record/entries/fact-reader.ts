import type { Fact, Inspection } from './inspection';
import { certainties } from './entry';
import { entriesOn } from './taken-away';
import type { PropertyName, PropertyValue } from './properties';

/** Which of two or more standing values to read, by `about|property`: an index into them. */
export type Choices = ReadonlyMap<string, number>;

/** What was declared, without what was said of it. */
export type Declared = Pick<Inspection, 'things' | 'conflicts' | 'unplaced'>;

/** Reads standing facts. Of values that contradict each other, the chosen one; else the last. */
export class FactReader {
  constructor(
    private readonly whole: Inspection,
    private readonly choices: Choices = new Map(),
  ) {}

  /** What was declared and how it fits; what was said of it is asked of the reader, which is heard. */
  get inspection(): Declared {
    return this.whole;
  }

  /** The inspection a reader reads, past all listening: for what judges it as a whole. */
  static wholeOf(reader: FactReader): Inspection {
    return reader.whole;
  }

  private readonly worked = new Map<object, unknown>();

  /**
   * What follows from all that is read here, worked out once.
   * @param of what it is of: the thing itself, or a name of one's own
   */
  once<Answer>(of: object, work: () => Answer): Answer {
    if (this.worked.has(of)) return this.worked.get(of) as Answer;
    const answer = work();
    this.worked.set(of, answer);
    return answer;
  }

  /** Facts of what was asked about last: questions about one thing come together. */
  private lastAbout: string | undefined;
  private lastFacts: ReadonlyMap<string, readonly Fact[]> | undefined;

  /** Told of every question, where somebody listens; about nothing: whether it was ever recorded. */
  heard: ((property: string, about?: string) => void) | undefined;

  /** Whether it was ever recorded of anything. */
  isRecorded(property: PropertyName): boolean {
    this.heard?.(property);
    return this.whole.recorded.has(property);
  }

  /** All values standing, in the order of their entries: several where they contradict each other. */
  facts(about: string, property: PropertyName): readonly Fact[] {
    this.heard?.(property, about);
    return this.whole.facts.get(about)?.get(property) ?? [];
  }

  /** The fact of every thing or part it was recorded of. */
  ofAnything<P extends PropertyName>(property: P): Fact<PropertyValue<P>>[] {
    if (!this.isRecorded(property)) return [];
    return [...this.whole.facts.keys()].flatMap((about) => this.fact(about, property) ?? []);
  }

  /** Entries that stand recorded of a thing, of its parts and of what hangs on it. */
  entriesOn(thing: string): readonly string[] {
    return entriesOn(this.whole, thing);
  }

  /** Every thing or part anything was recorded of. */
  get spokenOf(): Iterable<string> {
    return this.whole.facts.keys();
  }

  fact<P extends PropertyName>(about: string, property: P): Fact<PropertyValue<P>> | undefined {
    this.heard?.(property, about);
    if (!this.whole.recorded.has(property)) return undefined;
    if (about !== this.lastAbout) {
      this.lastAbout = about;
      this.lastFacts = this.whole.facts.get(about);
    }
    const values = this.lastFacts?.get(property);
    if (!values || values.length === 0) return undefined;
    if (values.length === 1) return values[0] as Fact<PropertyValue<P>>;
    const chosen = this.choices.get(`${about}|${property}`);
    if (chosen !== undefined) return values[chosen] as Fact<PropertyValue<P>>;
    const last = values[values.length - 1]!;
    const same = values.filter((fact) => JSON.stringify(fact.value) === JSON.stringify(last.value));
    const surest = same.reduce((a, b) =>
      certainties.indexOf(b.certainty) < certainties.indexOf(a.certainty) ? b : a,
    );
    return surest as Fact<PropertyValue<P>>;
  }

  value<P extends PropertyName>(about: string, property: P): PropertyValue<P> | undefined {
    return this.fact(about, property)?.value;
  }
}
