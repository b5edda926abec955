import type { Assessment, Followed } from '@/core';
import { unjudged } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import { compareEntries } from '@/core/record/entries/entry';
import { refusalsAfter } from '@/core/fieldwork/recording/check';
import type { Draft } from '@/core/fieldwork/recording/draft';
import { openMend } from '@/core/judge/assess/mended';
import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import { withMendStep } from '@/core/fieldwork/recording/mend-step';
import { highestCounter, stamp } from '@/core/fieldwork/recording/draft';
import { redoDraft, undoDraft } from '@/core/fieldwork/recording/undo';
import { canonicalJson } from '@/core/vocabulary/canonical';
import type { Settings } from '@/core/codes/settings/settings';
import { overrulingEntries } from '@/core/record/entries/overruling';
import type { Permission } from '@/core/vocabulary/permission';
import type { Held, HeldCounts, HeldDatabase } from '../outbox/held';
import { countHeld, heldOf, hold } from '../outbox/held';
import { fetchMerging } from '../merging/fetch-merging';
import { reading } from '../outbox/reading';
import type { PicturesProgress } from '../outbox/pictures';
import type { Connection } from '../outbox/sender';
import type * as judgingProgram from './judging';

/** The program that judges. */
export type Judging = Pick<typeof judgingProgram, 'assess' | 'findingsTurningOn' | 'follow'>;

/** What follows from the entries here. */
export interface JudgedState {
  entries: readonly Entry[];
  /** Undefined: it is not here yet, and nothing is judged. */
  judging: Judging | undefined;
  /** Keys of what was a danger already when the logbook was opened; undefined while nothing is judged. */
  dangersWhenOpened: ReadonlySet<string> | undefined;
  assessment: Assessment;
  canUndo: boolean;
  canRedo: boolean;
  /** The mend in hand: what is recorded now is of the state after it. */
  mending: string | undefined;
}

/** Where the entries are. */
export interface HoldingState {
  held: HeldCounts;
  connection: Connection;
  /** How much of the pictures is there, while they are sent. */
  sentPictures: PicturesProgress | undefined;
  /** Held entries were read from this device. */
  ready: boolean;
  /** Entries shown that are not on the disk yet. */
  writing: number;
}

export type LogbookState = JudgedState & HoldingState;

export interface LogbookFrame {
  inspection: string;
  organisation: string;
  member: string;
  /** What the member may do here. */
  may: readonly Permission[];
  device: string;
  settings: Settings;
  newId(): string;
  now(): string;
}

interface Shown {
  entries: readonly Entry[];
  assessment: Assessment;
  followed?: Followed;
}

const nothingHeld: HeldCounts = {
  waiting: 0,
  arrived: 0,
  refused: [],
  pictures: 0,
  pictureFaults: [],
  waitingForOthers: 0,
};

/**
 * One inspection on this device. What is recorded is shown and written to the disk; what the disk does not take is
 * taken back, and that is said. Nothing is sent before it is on the disk.
 */
export class LogbookStore {
  private judged: JudgedState;
  private holding: HoldingState = {
    held: nothingHeld,
    connection: 'idle',
    sentPictures: undefined,
    ready: false,
    writing: 0,
  };
  private readonly listeners = new Set<() => void>();
  private queue: Promise<unknown> = Promise.resolve();
  private db: HeldDatabase | undefined;
  private wake: () => void = () => undefined;
  /** What is shown, with what it takes to follow it. */
  private followed: Followed | undefined;
  /** What was there before anything was recorded here: what this device held counts. */
  private openedWith: readonly Entry[];
  private dangersWhenOpened: ReadonlySet<string> | undefined;

  constructor(
    private readonly frame: LogbookFrame,
    entries: readonly Entry[],
    /** Without it nothing is judged, until it comes. */
    private judging?: Judging,
  ) {
    this.openedWith = entries;
    this.judged = this.derived(entries);
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Each stays the same while nothing of it changes. */
  readonly judgedNow = (): JudgedState => this.judged;
  readonly holdingNow = (): HoldingState => this.holding;
  readonly snapshot = (): LogbookState => ({ ...this.judged, ...this.holding });

  /** What judges is here. */
  judgeBy(judging: Judging): void {
    if (this.judging) return;
    this.judging = judging;
    this.judged = this.derived(this.judged.entries);
    this.hold({});
  }

  /** Joins entries that came meanwhile; those known already are left as they are, unless they are shown otherwise now. */
  join(entries: readonly Entry[]): void {
    const fresh = this.unknown(entries);
    const renewed = this.shownOtherwise(entries);
    if (fresh.length === 0 && renewed.size === 0) return;
    const standing = this.judged.entries.map((entry) => renewed.get(entry.id) ?? entry);
    this.judged = this.derived([...standing, ...fresh]);
    this.hold({});
  }

  /** Of a client who was forgotten, or under a name of a package: the same entries, by the server's word. */
  private shownOtherwise(entries: readonly Entry[]): ReadonlyMap<string, Entry> {
    const known = new Map(this.judged.entries.map((entry) => [entry.id, entry]));
    return new Map(
      entries.flatMap((entry) => {
        const standing = known.get(entry.id);
        const same =
          !standing || standing === entry || canonicalJson(standing) === canonicalJson(entry);
        return same ? [] : [[entry.id, entry] as const];
      }),
    );
  }

  /** Joins this device's held entries; `wake` calls the sender. */
  async open(db: HeldDatabase, wake: () => void): Promise<void> {
    const { entries, held } = await this.heldNow(db);
    this.db = db;
    this.wake = wake;
    const fresh = this.unknown(entries);
    if (fresh.length > 0) {
      // A danger that is held here stood there already: its card is not shown at each opening.
      this.openedWith = [...this.judged.entries, ...fresh];
      this.dangersWhenOpened = undefined;
      this.judged = this.derived(this.openedWith);
    }
    this.hold({ held, ready: true });
    wake();
  }

  /** Reads again what this device holds: another tab may have written, the sender may have delivered. */
  async refresh(): Promise<void> {
    if (!this.db) return;
    const { entries, held } = await this.heldNow(this.db);
    this.join(entries);
    this.hold({ held });
  }

  private async heldNow(db: HeldDatabase) {
    const { member, inspection } = this.frame;
    const { readableOf } = await reading();
    const all = await readableOf(db, await heldOf(db, member, inspection));
    return {
      entries: all.filter(({ state }) => state !== 'refused').map(({ entry }) => entry),
      held: await countHeld(db, member),
    };
  }

  private unknown(entries: readonly Entry[]): Entry[] {
    const known = new Set(this.judged.entries.map(({ id }) => id));
    return entries.filter(({ id }) => !known.has(id));
  }

  setSending(connection: Connection, sentPictures?: PicturesProgress): void {
    const { connection: before, sentPictures: sentBefore } = this.holding;
    if (connection !== before || sentPictures !== sentBefore)
      this.hold({ connection, sentPictures });
  }

  /**
   * Records drafts as one action, or says why they are impossible. Actions are written one after another.
   * @param settles they settle what two hands recorded: said of the mend in hand only where they say so themselves
   */
  record(make: Make, settles = false): Promise<string | undefined> {
    const result = this.queue.then(() => this.recordNow(make, settles));
    this.queue = result.catch(() => undefined);
    return result;
  }

  undo(): Promise<string | undefined> {
    return this.record(() => draftsOrNothing(undoDraft(this.judged.entries, this.frame.member)));
  }

  redo(): Promise<string | undefined> {
    return this.record(() => draftsOrNothing(redoDraft(this.judged.entries, this.frame.member)));
  }

  /** Settles what two hands recorded against each other on one side of it: by entries of one action. */
  async settle(contradiction: Contradiction, side: number): Promise<string | undefined> {
    const merging = await fetchMerging().catch(() => undefined);
    if (!merging) return notFetched;
    return this.record(
      ({ site }) => merging.settleOn(contradiction, side, site, this.judged.entries),
      true,
    );
  }

  private async recordNow(make: Make, settles: boolean): Promise<string | undefined> {
    if (!this.db) return 'This device is not ready to hold entries yet.';
    if (!this.frame.may.includes('record')) return mayNot.record;
    const made = make(this.judged.assessment);
    if ('message' in made) return made.message;
    if (made.length === 0) return undefined;
    const { frame } = this;
    const standing = this.judged;
    const drafts = settles
      ? made
      : withMendStep(made, standing.mending, standing.assessment.site.reader);
    const fresh = stamp(drafts, {
      newId: frame.newId,
      device: frame.device,
      author: frame.member,
      at: frame.now(),
      counter: highestCounter(standing.entries),
    });
    if (!frame.may.includes('overrule') && overrulingEntries(fresh, standing.entries).size > 0)
      return mayNot.overrule;
    const ordered = [...standing.entries, ...fresh].sort(compareEntries);
    const next = this.follow(ordered);
    const [refusal] = refusalsAfter(standing.assessment.site, next.assessment.site, fresh);
    if (refusal) return refusal.message;
    const { organisation, member, inspection } = frame;
    const held: Held[] = fresh.map((entry) => ({
      organisation,
      member,
      inspection,
      id: entry.id,
      entry,
      state: 'waiting',
    }));
    const holding = hold(this.db, held);
    this.judged = this.shownOf(next);
    this.hold({ writing: this.holding.writing + fresh.length });
    try {
      await holding;
    } catch {
      const lost = new Set(fresh.map(({ id }) => id));
      this.judged = this.derived(this.judged.entries.filter(({ id }) => !lost.has(id)));
      this.hold({ writing: this.holding.writing - fresh.length });
      return 'This device could not hold the entry: its storage refused it. Nothing was recorded.';
    }
    this.hold({
      writing: this.holding.writing - fresh.length,
      held: { ...this.holding.held, waiting: this.holding.held.waiting + fresh.length },
    });
    this.wake();
    return undefined;
  }

  private derived(entries: readonly Entry[]) {
    const ordered = [...entries].sort(compareEntries);
    return this.shownOf(this.follow(ordered));
  }

  private follow(entries: readonly Entry[]): Shown {
    const { settings } = this.frame;
    if (!this.judging) return { entries, assessment: unjudged(entries, settings) };
    const followed = this.judging.follow(entries, settings, this.followed);
    this.dangersWhenOpened ??= dangersOf(
      entries.length === this.openedWith.length
        ? followed.assessment
        : this.judging.assess(this.openedWith, settings),
    );
    return { entries, assessment: followed.assessment, followed };
  }

  private shownOf({ entries, assessment, followed }: Shown): JudgedState {
    this.followed = followed;
    return {
      entries,
      judging: this.judging,
      dangersWhenOpened: this.dangersWhenOpened,
      assessment,
      canUndo: undoDraft(entries, this.frame.member) !== undefined,
      canRedo: redoDraft(entries, this.frame.member) !== undefined,
      mending: openMend(assessment.site.reader, entries, this.frame),
    };
  }

  private hold(change: Partial<HoldingState>): void {
    this.holding = { ...this.holding, ...change };
    for (const listener of this.listeners) listener();
  }
}

const dangersOf = ({ findings }: Assessment): ReadonlySet<string> =>
  new Set(findings.filter(({ grade }) => grade === 'danger').map(({ key }) => key));

/** Said before anything is written that the server would refuse. */
const mayNot = {
  record: 'You may read in this office, not record. Nothing was recorded.',
  overrule: 'You may not overrule grades in this office. Nothing was recorded.',
};

type Make = (assessment: Assessment) => readonly Draft[] | { message: string };

const notFetched =
  'What settles it could not be fetched: the server was not reached. Nothing was recorded.';

const draftsOrNothing = (draft: Draft | undefined) => (draft ? [draft] : []);
