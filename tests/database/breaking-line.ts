import type { AddressInfo, Socket } from 'node:net';
import { connect, createServer } from 'node:net';

/** A line to a server that carries so much and no more, and breaks again and again. */
export interface BreakingLine {
  origin: string;
  /** Times it broke while something was on it. */
  breaks: number;
  /** Bytes that were carried to the server. */
  carried: number;
  close(): Promise<void>;
}

interface Line {
  /** Bytes a second towards the server. */
  rate: number;
  /** Milliseconds each way. */
  delay: number;
  /** Every so many milliseconds it breaks, and all that is on it is lost. */
  breaksEvery: number;
}

/** Milliseconds between two portions. */
const tick = 10;

export async function breakingLine(
  port: number,
  { rate, delay, breaksEvery }: Line,
): Promise<BreakingLine> {
  const open = new Set<Socket>();
  const line: BreakingLine = { origin: '', breaks: 0, carried: 0, close: async () => undefined };
  const server = createServer((near) => {
    const far = connect(port, '127.0.0.1');
    const waiting: Buffer[] = [];
    for (const [socket, other] of [
      [near, far],
      [far, near],
    ] as const) {
      open.add(socket);
      socket.on('error', () => undefined);
      socket.on('close', () => {
        open.delete(socket);
        clearInterval(carrying);
        other.destroy();
      });
    }
    near.on('data', (bytes) => {
      waiting.push(bytes);
      near.pause();
    });
    far.on('data', (bytes) => setTimeout(() => near.writable && near.write(bytes), delay));
    const carrying = setInterval(() => {
      let left = (rate * tick) / 1000;
      while (left > 0 && waiting.length > 0) {
        const next = waiting.shift()!;
        const now = next.subarray(0, left);
        if (now.length < next.length) waiting.unshift(next.subarray(now.length));
        left -= now.length;
        line.carried += now.length;
        setTimeout(() => far.writable && far.write(now), delay);
      }
      if (waiting.length === 0) near.resume();
    }, tick);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const breaking = setInterval(() => {
    if (open.size > 0) line.breaks += 1;
    for (const socket of open) socket.destroy();
  }, breaksEvery);
  line.origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  line.close = async () => {
    clearInterval(breaking);
    for (const socket of open) socket.destroy();
    await new Promise((resolve) => server.close(resolve));
  };
  return line;
}
