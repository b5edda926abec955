import type { Fact, Thing } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';
import type { SystemName } from '../../vocabulary/system';

/** Where a panel stands in the supply: at the first disconnect, after it, or not known. */
export interface PlaceInSupply {
  place: 'first-disconnect' | 'downstream' | 'unknown';
  /** What it hangs on. */
  fact: Fact | undefined;
  /** Voltage system of the service it comes from. */
  system: SystemName | undefined;
  /** The disconnect of which nobody said whether it is the service's own, where the answer turns on it. */
  unsureOf?: string | undefined;
}

/** One thing of the supply with what hangs on it. */
export interface SupplyNode {
  thing: Thing;
  /** Of a panel: the device of the panel above that feeds it. */
  by: Thing | undefined;
  below: SupplyNode[];
}

const supplied: readonly Thing['type'][] = ['meter', 'disconnect', 'panel'];

/** The things that feed each other: what each hangs on, and the panel a feeding device stands in. */
export class SupplyTree {
  constructor(private readonly reader: FactReader) {}

  /** What a thing hangs on, where that was recorded and is still there. */
  above(thing: string): { thing: Thing; by: Thing | undefined; fact: Fact } | undefined {
    const fact = this.reader.fact(thing, 'fedFrom');
    const source = fact && this.reader.inspection.things.get(fact.value);
    if (!source || source.id === thing || gone(source.id, this.reader)) return undefined;
    if (source.type !== 'device') return { thing: source, by: undefined, fact: fact as Fact };
    const panel = this.reader.inspection.things.get(source.in ?? '');
    return panel && { thing: panel, by: source, fact: fact as Fact };
  }

  /** The way up from a thing, nearest first; ends at a service, at nothing recorded, or at a loop. */
  wayUp(thing: string): { thing: Thing; by: Thing | undefined; fact: Fact }[] {
    const way: { thing: Thing; by: Thing | undefined; fact: Fact }[] = [];
    const seen = new Set([thing]);
    for (let at = this.above(thing); at && !seen.has(at.thing.id); at = this.above(at.thing.id)) {
      seen.add(at.thing.id);
      way.push(at);
    }
    return way;
  }

  /**
   * Whether a panel or a disconnect is the first disconnect: fed from the service with only meters
   * and meter disconnects between it is; with service equipment or another panel between it is
   * downstream of the first. A disconnect of which nobody said what it is leaves it unknown.
   */
  placeOf(thing: string): PlaceInSupply {
    const way = this.wayUp(thing);
    const top = way.at(-1)?.thing;
    const service = top?.type === 'service' ? top : undefined;
    const disconnects = way.flatMap((one) => (one.thing.type === 'disconnect' ? one.thing.id : []));
    const roles = disconnects.map((id) => this.roleOf(id));
    const between =
      way.some((one) => one.thing.type === 'panel') ||
      roles.includes('service') ||
      roles.includes('later');
    const unsureOf = between ? undefined : disconnects[roles.indexOf(undefined)];
    return {
      place: between
        ? 'downstream'
        : service && unsureOf === undefined
          ? 'first-disconnect'
          : 'unknown',
      fact: way[0]?.fact ?? this.reader.fact(thing, 'fedFrom'),
      system: service && this.reader.value(service.id, 'serviceSystem'),
      unsureOf,
    };
  }

  /** What a disconnect was said to be; one marked as the disconnect is service equipment. */
  roleOf(disconnect: string): 'service' | 'meter' | 'later' | undefined {
    const said = this.reader.value(disconnect, 'disconnectRole');
    if (said) return said === 'other-panel' ? 'later' : said;
    return this.reader.value(disconnect, 'disconnectMarked') ? 'service' : undefined;
  }
}

/** The supply of a site as trees: services first, then what hangs on nothing recorded. */
export function supplyTrees(things: readonly Thing[], reader: FactReader): SupplyNode[] {
  const tree = new SupplyTree(reader);
  const present = things.filter(
    (thing) => supplied.includes(thing.type) && !reader.value(thing.id, 'removed'),
  );
  const below = new Map<string, SupplyNode[]>();
  const roots: SupplyNode[] = things
    .filter((thing) => thing.type === 'service' && !reader.value(thing.id, 'removed'))
    .map((thing) => ({ thing, by: undefined, below: [] }));
  for (const thing of present) {
    const above = tree.above(thing.id);
    const reachesTop = above && !tree.wayUp(above.thing.id).some((one) => one.thing === thing);
    const node: SupplyNode = { thing, by: above?.by, below: [] };
    if (!above || !reachesTop) roots.push(node);
    else below.set(above.thing.id, [...(below.get(above.thing.id) ?? []), node]);
  }
  const fill = (node: SupplyNode): SupplyNode => {
    node.below = (below.get(node.thing.id) ?? []).map(fill);
    return node;
  };
  return roots.map(fill);
}

/** Not there after all, or taken out since. */
const gone = (id: string, reader: FactReader) =>
  reader.value(id, 'removed') === true || reader.value(id, 'takenOut') === true;
