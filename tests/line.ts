import type { AddressInfo, Socket } from 'node:net';
import { connect, createServer } from 'node:net';

/** A line to a server that carries so much and no more. */
export interface Line {
  origin: string;
  /** Times it broke while something was on it; bytes that were carried to the server, and from it. */
  counts(): { breaks: number; up: number; down: number };
  /** Nothing goes through, and all that was on it is lost, until it is mended. */
  cut(): void;
  mend(): void;
  close(): Promise<void>;
}

interface LineOptions {
  /** Bytes a second each way, by all connections together. */
  rate: number;
  /** Milliseconds each way. */
  delay: number;
  /** Every so many milliseconds it breaks, and all that is on it is lost; undefined: it never does. */
  breaksEvery?: number;
}

/** Milliseconds between two portions. */
const tick = 10;

interface Portion {
  bytes: Buffer;
  from: Socket;
  to: Socket;
}

/** One way of the line: what waits is carried in its turn, whoever sends it. */
class Way {
  private waiting: Portion[] = [];
  private credit = 0;
  private readonly carrying = setInterval(() => this.carry(), tick);
  carried = 0;

  constructor(
    private readonly rate: number,
    private readonly delay: number,
  ) {}

  take(portion: Portion): void {
    portion.from.pause();
    this.waiting.push(portion);
  }

  /** What was on its way between these is lost. */
  lose(socket: Socket): void {
    this.waiting = this.waiting.filter(({ from, to }) => from !== socket && to !== socket);
  }

  end(): void {
    clearInterval(this.carrying);
  }

  private carry(): void {
    this.credit = Math.min(this.credit + (this.rate * tick) / 1000, this.rate / 4);
    while (this.credit > 0 && this.waiting.length > 0) {
      const { bytes, from, to } = this.waiting.shift()!;
      const now = bytes.subarray(0, Math.ceil(this.credit));
      if (now.length < bytes.length)
        this.waiting.unshift({ bytes: bytes.subarray(now.length), from, to });
      else from.resume();
      this.credit -= now.length;
      this.carried += now.length;
      setTimeout(() => to.writable && to.write(now), this.delay);
    }
  }
}

export async function lineTo(
  port: number,
  { rate, delay, breaksEvery }: LineOptions,
): Promise<Line> {
  const open = new Set<Socket>();
  const [up, down] = [new Way(rate, delay), new Way(rate, delay)];
  let isCut = false;
  const server = createServer((near) => {
    if (isCut) return void near.destroy();
    const far = connect(port, '127.0.0.1');
    for (const [from, to, way] of [
      [near, far, up],
      [far, near, down],
    ] as const) {
      open.add(from);
      from.on('data', (bytes: Buffer) => way.take({ bytes, from, to }));
      from.on('error', () => undefined);
      from.on('end', () => setTimeout(() => to.end(), delay * 2));
      from.on('close', () => {
        open.delete(from);
        setTimeout(() => to.destroy(), delay * 4);
      });
    }
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const breakAll = () => {
    for (const socket of open) {
      socket.destroy();
      up.lose(socket);
      down.lose(socket);
    }
  };
  let breaks = 0;
  const breaking =
    breaksEvery === undefined
      ? undefined
      : setInterval(() => {
          if (open.size > 0) breaks += 1;
          breakAll();
        }, breaksEvery);
  return {
    cut: () => {
      isCut = true;
      breakAll();
    },
    mend: () => void (isCut = false),
    origin: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    counts: () => ({ breaks, up: up.carried, down: down.carried }),
    close: async () => {
      clearInterval(breaking);
      up.end();
      down.end();
      for (const socket of open) socket.destroy();
      await new Promise((resolve) => server.close(resolve));
    },
  };
}
