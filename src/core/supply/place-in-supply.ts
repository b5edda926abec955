import type { Fact } from '../entries/inspection';
import type { FactReader } from '../panel/reader';
import type { PanelView } from '../panel/views';

/**
 * Whether a panel holds the first disconnect. Fed by the service itself: it does.
 * Fed by a disconnect or by a breaker of another panel: it is downstream of the first.
 */
export function placeInSupply(panel: string, reader: FactReader): PanelView['supply'] {
  const fact = reader.fact(panel, 'fedFrom');
  if (!fact) return { place: 'unknown', fact: undefined };
  const source = reader.inspection.things.get(fact.value);
  if (!source || reader.value(source.id, 'removed'))
    return { place: 'unknown', fact: fact as Fact };
  const place =
    source.type === 'service' ? 'first-disconnect' : source.id === panel ? 'unknown' : 'downstream';
  return { place, fact: fact as Fact };
}
