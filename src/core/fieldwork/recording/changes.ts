import type { Facts } from '../../record/entries/properties';
import type { FactReader } from '../../record/entries/fact-reader';
import type { ThingType } from '../../record/entries/thing-types';
import type { Draft } from './draft';
import { add, changedFacts, observe } from './draft';

/** Drafts of one action, gathered by what they are about: nothing is said twice, nothing that stands again. */
export class Changes {
  private readonly added: Draft[] = [];
  private readonly said = new Map<string, Facts>();

  constructor(private readonly reader: FactReader) {}

  add(type: ThingType, thing: string, parent: string, facts: Facts): void {
    this.added.push(add(type, thing, parent, facts));
  }

  say(about: string, facts: Facts): void {
    this.said.set(about, { ...this.said.get(about), ...facts });
  }

  get drafts(): Draft[] {
    const observed = [...this.said].flatMap(([about, facts]) => {
      const changed = changedFacts(this.reader, about, facts);
      return Object.keys(changed).length > 0 ? [observe(this.reader, about, changed)] : [];
    });
    return [...this.added, ...observed];
  }
}
