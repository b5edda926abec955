import type { Fact, Inspection } from './inspection';
import { certainties } from './entry';
import type { PropertyName, PropertyValue } from './properties';

/** Which of two or more standing values to read, by `about|property`: an index into them. */
export type Choices = ReadonlyMap<string, number>;

/** Reads standing facts. Of values that contradict each other, the chosen one; else the last. */
export class FactReader {
  constructor(
    readonly inspection: Inspection,
    private readonly choices: Choices = new Map(),
  ) {}

  /** Facts of what was asked about last: questions about one thing come together. */
  private lastAbout: string | undefined;
  private lastFacts: ReadonlyMap<string, readonly Fact[]> | undefined;

  /** Whether anything at all was recorded about it. */
  knows(about: string): boolean {
    return this.inspection.facts.has(about);
  }

  /** Told of every question, where somebody listens; about nothing: whether it was ever recorded. */
  heard: ((property: string, about?: string) => void) | undefined;

  /** Whether it was ever recorded of anything. */
  isRecorded(property: PropertyName): boolean {
    this.heard?.(property);
    return this.inspection.recorded.has(property);
  }

  fact<P extends PropertyName>(about: string, property: P): Fact<PropertyValue<P>> | undefined {
    this.heard?.(property, about);
    if (!this.inspection.recorded.has(property)) return undefined;
    if (about !== this.lastAbout) {
      this.lastAbout = about;
      this.lastFacts = this.inspection.facts.get(about);
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
