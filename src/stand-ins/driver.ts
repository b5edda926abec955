import type { PropertyName } from '@/core/record/entries/properties';
import type { InstrumentKind } from '@/core/fieldwork/bench/slots';

/** What an instrument is held to. */
export interface Probe {
  about: string;
  property: PropertyName;
}

/** One figure of a live instrument. */
export interface Sample {
  value: number;
  unit: string;
  /** ISO 8601. */
  at: string;
}

/**
 * What an instrument must be able to do. A real one, over a cable or the air, fills the same three
 * functions as the stand-ins.
 */
export interface InstrumentDriver {
  readonly kind: InstrumentKind;
  readonly name: string;
  /** Makes it ready; says in words why it is not. */
  connect(): Promise<string | undefined>;
  /** Gives figures until stopped; a fault ends it, in words. */
  stream(probe: Probe, take: (sample: Sample) => void, fault: (why: string) => void): void;
  stop(): void;
}
