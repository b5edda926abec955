import { splitRef } from '../../record/entries/thing-types';
import type { Fact } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';

/** What stands somewhere: things and parts. */
interface Standing {
  related: readonly string[];
}

/**
 * The fact that puts a place inside the permitted work: said of the panel, of a thing there, of the
 * thing a part belongs to, or of the device a conductor lands on.
 */
export function permitScopeAt(
  reader: FactReader,
  panel: string,
  { related }: Standing,
): Fact | undefined {
  if (!reader.isRecorded('inPermitScope')) return undefined;
  const landed = related.flatMap((ref) => reader.value(ref, 'landsOn') ?? []);
  for (const ref of [panel, ...related, ...landed])
    for (const about of [ref, splitRef(ref).thing]) {
      const fact = reader.fact(about, 'inPermitScope');
      if (fact?.value) return fact as Fact;
    }
  return undefined;
}
