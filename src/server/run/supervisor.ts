import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { beginAgain } from './begin-again';

/** What is kept running. */
export interface Part {
  name: string;
  command: string;
  args: readonly string[];
  env?: Readonly<Record<string, string>>;
}

export interface PartState {
  name: string;
  /** `waiting`: it ended, and is begun again after a while. */
  state: 'running' | 'waiting' | 'ended';
  pid: number | undefined;
  /** ISO 8601, of the last change. */
  since: string;
  /** How often it was begun again. */
  again: number;
  /** How it ended last. */
  lastEnd: string | undefined;
}

interface Watch {
  /** A line of what a part wrote, or of what became of it. */
  line(part: string, text: string): void;
  changed(states: readonly PartState[]): void;
}

/**
 * Keeps processes running: what ends is begun again, at once the first time and after a longer while each
 * time it fails at its start; none of the others hears of it.
 */
export class Supervisor {
  private readonly kept: KeptPart[];
  private ending = false;

  constructor(
    parts: readonly Part[],
    private readonly watch: Watch,
  ) {
    this.kept = parts.map((part) => new KeptPart(part, watch, () => this.tell()));
  }

  start(): void {
    for (const part of this.kept) part.begin();
  }

  get states(): PartState[] {
    return this.kept.map(({ state }) => state);
  }

  /** Ends all of them, the last first, each given a while to end by itself. */
  async stop(graceMs = 6000): Promise<void> {
    this.ending = true;
    for (const part of [...this.kept].reverse()) await part.end(graceMs);
  }

  private tell(): void {
    if (!this.ending) this.watch.changed(this.states);
  }
}

class KeptPart {
  state: PartState;
  private child: ChildProcess | undefined;
  private timer: NodeJS.Timeout | undefined;
  private failures = 0;
  private ending = false;

  constructor(
    private readonly part: Part,
    private readonly watch: Watch,
    private readonly changed: () => void,
  ) {
    this.state = {
      name: part.name,
      state: 'waiting',
      pid: undefined,
      since: new Date().toISOString(),
      again: 0,
      lastEnd: undefined,
    };
  }

  begin(): void {
    const { name, command, args, env } = this.part;
    const began = Date.now();
    const child = spawn(command, [...args], {
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    this.child = child;
    for (const stream of [child.stdout, child.stderr]) {
      let rest = '';
      stream.setEncoding('utf8');
      stream.on('data', (text: string) => {
        const lines = (rest + text).split('\n');
        rest = lines.pop()!.slice(0, 10_000);
        for (const line of lines) this.watch.line(name, line);
      });
    }
    child.once('error', (error) => this.ended(began, error.message));
    child.once('exit', (code, signal) => this.ended(began, signal ?? `code ${code}`));
    this.say({ state: 'running', pid: child.pid });
  }

  private ended(began: number, how: string): void {
    if (!this.child) return;
    this.child = undefined;
    if (this.ending) return this.say({ state: 'ended', pid: undefined, lastEnd: how });
    const { failures, waitMs: wait } = beginAgain(began, this.failures);
    this.failures = failures;
    this.watch.line(this.part.name, `ended (${how}); begun again in ${wait} ms`);
    this.say({ state: 'waiting', pid: undefined, lastEnd: how });
    this.timer = setTimeout(() => {
      this.state = { ...this.state, again: this.state.again + 1 };
      this.begin();
    }, wait);
  }

  async end(graceMs: number): Promise<void> {
    this.ending = true;
    clearTimeout(this.timer);
    const { child } = this;
    if (!child) return;
    const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()));
    child.kill('SIGTERM');
    const hard = setTimeout(() => child.kill('SIGKILL'), graceMs);
    await gone;
    clearTimeout(hard);
  }

  private say(change: Partial<PartState>): void {
    this.state = { ...this.state, ...change, since: new Date().toISOString() };
    this.changed();
  }
}
