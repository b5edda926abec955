import type { InstrumentKind } from '@/core/fieldwork/bench/slots';
import type { InstrumentDriver, Sample } from './driver';

const names: Record<InstrumentKind, string> = {
  meter: 'Stand-in meter',
  clamp: 'Stand-in clamp',
  tester: 'Stand-in non-contact tester',
  earth: 'Stand-in earth meter',
  camera: 'Stand-in thermal camera',
  torque: 'Stand-in torque wrench',
};

/** A stand-in on the server, heard over server-sent events. */
export class EventSourceDriver implements InstrumentDriver {
  readonly name: string;
  private source: EventSource | undefined;

  constructor(
    readonly kind: InstrumentKind,
    private readonly inspection: string,
    /** The main of the stand-in world is off. */
    private readonly off: boolean,
  ) {
    this.name = names[kind];
  }

  async connect(): Promise<string | undefined> {
    return navigator.onLine ? undefined : 'The stand-in instruments need the connection.';
  }

  stream(
    probe: { about: string; property: string },
    take: (sample: Sample) => void,
    fault: (why: string) => void,
  ): void {
    this.stop();
    const query = new URLSearchParams({
      inspection: this.inspection,
      about: probe.about,
      property: probe.property,
      ...(this.off && { off: '1' }),
    });
    const source = new EventSource(`/api/instruments?${query}`);
    this.source = source;
    source.onmessage = ({ data }: MessageEvent<string>) => take(JSON.parse(data) as Sample);
    source.addEventListener('fault', ({ data }: MessageEvent<string>) => {
      fault(data);
      this.stop();
    });
    source.onerror = () => {
      if (source.readyState === EventSource.CLOSED) fault('The instrument does not answer.');
    };
  }

  stop(): void {
    this.source?.close();
    this.source = undefined;
  }
}
