import type { Entry } from '../../record/entries/entry';
import { idsFrom } from '../../fieldwork/recording/logbook';
import type { Assessment } from '../../judge/assess/assessment';
import type { Followed } from '../../judge/assess/follow';
import { follow } from '../../judge/assess/follow';
import { standingsIn } from '../../judge/assess/standing';
import type { Finding } from '../../judge/grading/finding';
import { verdictKeys } from '../../judge/examine/verdict';
import { keyToday } from '../../installation/panel/standing-in';
import { roomCard } from '../../measure/load/room-card';
import type { PanelView } from '../../installation/panel/views';
import type { PartId } from '../../codes/cost-book/part-id';
import { remedies, remedyOf } from '../remedies';
import type { Minutes, Remedy, Room, RoomKind, Way } from '../remedies/remedy';
import { deviceOn } from '../remedies/device-on';
import { Situation } from '../remedies/situation';
import { Work } from '../remedies/work';
import { leftOf } from './left-of';
import type { Left, Option } from './option';

/** Remedies for a whole panel that give room, where room is short. */
const givesRoom: ReadonlySet<string> = new Set([
  'condense-to-tandems',
  'downstream-panel',
  'extra-neutral-bar',
  'extra-ground-bar',
  'replace-panel',
]);
/** Offered wherever the record gives a reason for it. */
const always: ReadonlySet<string> = new Set(['retire-circuit', 'retire-supply']);

interface Thought {
  id: string;
  remedy: Remedy;
  ways: readonly Way[];
  panel: string;
  finding: string | undefined;
}

/** What options are thought over: the inspection as judged, and its entries. */
export interface Ground {
  entries: readonly Entry[];
  followed: Followed;
  assessment: Assessment;
}

export const groundOf = (followed: Followed): Ground => ({
  entries: followed.entries,
  followed,
  assessment: followed.assessment,
});

/** Every way to mend what was found, each judged alone by the state it would leave. */
export function buildOptions(
  ground: Ground,
  wanted: RoomWanted = () => ({}),
  /** Remedies for a whole panel that a wish asks for. */
  besides: ReadonlySet<string> = new Set(),
): Option[] {
  const { assessment } = ground;
  const placed = assessment.findings.flatMap((finding) => thoughtsOf(finding, assessment));
  const options = placed.map((thought) => alongWith(thought, judged(thought, ground), ground));
  const listed = new Set(
    assessment.findings.flatMap(({ verdict }) => verdict.rule.remedies as string[]),
  );
  const globals = assessment.site.panels.flatMap((panel) => {
    const short = roomShort(panel, ground, options, wanted(panel.id));
    return remedies.flatMap((remedy) => {
      if (!remedy.global) return [];
      const asked = assessment.findings.some(
        ({ verdict }) =>
          verdict.panel === panel.id && (verdict.rule.remedies as string[]).includes(remedy.id),
      );
      const here =
        always.has(remedy.id) || besides.has(remedy.id) || (listed.has(remedy.id) && asked);
      const thoughts =
        here || givesRoom.has(remedy.id) ? globalThoughts(remedy, panel, assessment) : [];
      const gives = ({ ways }: Thought) =>
        ways.some(({ frees = {} }) => Object.keys(frees).some((kind) => short.has(kind)));
      return here ? thoughts : thoughts.filter(gives);
    });
  });
  const whole = globals.map((thought) => alongWith(thought, judged(thought, ground), ground));
  // What was refused for want of room is judged again with room made.
  const roomy = whole.filter(
    ({ not, frees }) => not === undefined && Object.keys(frees).length > 0,
  );
  const again = options.map((option, at) =>
    option.not !== undefined &&
    Object.values(option.uses).some((many) => many > 0) &&
    option.conditions.every(({ state }) => state !== 'not-met')
      ? withRoom(placed[at]!, option, roomy, ground)
      : option,
  );
  return [...again, ...whole];
}

/** Room something else needs in a panel. */
export type RoomWanted = (panel: string) => Room;

function thoughtsOf(finding: Finding, { site, settings, yardstick }: Assessment): Thought[] {
  const { rule, panel } = finding.verdict;
  const waysOf = (remedy: Remedy) =>
    remedy.ways?.(new Situation(remedy, finding, site, settings, yardstick)) ?? [];
  const own = rule.remedies.map(remedyOf).filter((remedy) => remedy.ways);
  if (rule.remediesInOrder) {
    const steps = own.flatMap((remedy) =>
      waysOf(remedy)
        .slice(0, 1)
        .map((way) => ({ remedy, way })),
    );
    if (steps.length > 1)
      return [
        {
          id: `${steps.map(({ remedy }) => remedy.id).join('+')}@${finding.key}`,
          remedy: steps.at(-1)!.remedy,
          ways: steps.map(({ way }) => way),
          panel,
          finding: finding.key,
        },
      ];
  }
  return own.flatMap((remedy) =>
    waysOf(remedy).map((way) => ({
      id: `${remedy.id}${way.key && `:${way.key}`}@${finding.key}`,
      remedy,
      ways: [way],
      panel,
      finding: finding.key,
    })),
  );
}

function globalThoughts(
  remedy: Remedy,
  panel: PanelView,
  { site, settings, yardstick, findings }: Assessment,
): Thought[] {
  const busy = new Set(
    findings.flatMap(({ verdict }) =>
      [verdict.place.ref, ...verdict.place.related].flatMap(
        (ref) => deviceOn(panel, ref)?.id ?? [],
      ),
    ),
  );
  return remedy.global!({
    remedy,
    panel,
    site,
    reader: site.reader,
    settings,
    yardstick,
    busy,
  }).map((way) => ({
    id: `${remedy.id}${way.key && `:${way.key}`}@${panel.id}`,
    remedy,
    ways: [way],
    panel: panel.id,
    finding: undefined,
  }));
}

/** Kinds of room of which the options of a panel, and what else is wanted, take more than there is. */
function roomShort(
  panel: PanelView,
  { assessment }: Ground,
  options: readonly Option[],
  wanted: Room,
): ReadonlySet<string> {
  const there = roomIn(panel, assessment);
  const need: Room = { ...wanted };
  for (const option of options)
    if (option.panel === panel.id)
      for (const [kind, many] of Object.entries(option.uses) as [RoomKind, number][])
        need[kind] = (need[kind] ?? 0) + many;
  return new Set(
    (Object.entries(need) as [RoomKind, number][])
      .filter(([kind, many]) => many > (there[kind] ?? Infinity))
      .map(([kind]) => kind),
  );
}

/** Room there is in a panel; a kind nobody counted is not named. */
export function roomIn(panel: PanelView, { site }: Pick<Assessment, 'site'>): Room {
  const { freePositions, freeNeutrals, freeGrounds, circuitsLeft } = roomCard(site, panel);
  return {
    positions: freePositions.length,
    ...(freeNeutrals !== undefined && { neutralTerminals: freeNeutrals }),
    ...(freeGrounds !== undefined && { groundTerminals: freeGrounds }),
    ...(circuitsLeft !== undefined && { labelCircuits: circuitsLeft }),
  };
}

const sum = <K extends string>(
  records: readonly Partial<Record<K, number>>[],
): Partial<Record<K, number>> => {
  const total: Partial<Record<K, number>> = {};
  for (const record of records)
    for (const [key, many] of Object.entries(record) as [K, number][])
      if (many) total[key] = (total[key] ?? 0) + many;
  return total;
};

const minutesOf = ({ remedy, ways }: Thought): Minutes =>
  addedUp(ways.map((way) => way.minutes ?? remedy.minutes));

const addedUp = (all: readonly Minutes[]): Minutes =>
  all.reduce<Minutes>(
    ([a, b, c], [low, likely, high]) => [a + low, b + likely, c + high],
    [0, 0, 0],
  );

const partsOf = ({ remedy, ways }: Thought) => ways.map(({ parts }) => parts ?? remedy.parts);

function described({
  id,
  remedy,
  ways,
  panel,
  finding,
  minutes,
  parts,
}: Thought & {
  minutes: readonly Minutes[];
  parts: readonly Partial<Record<PartId, number>>[];
}): Omit<Option, 'leaves' | 'makes' | 'not'> {
  const conditions = ways.flatMap((way) => way.conditions);
  return {
    id,
    remedy,
    ways,
    says: ways
      .map(({ says }, at) => (at === 0 ? says : says.charAt(0).toLowerCase() + says.slice(1)))
      .join('; '),
    panel,
    finding,
    conditions,
    uses: sum(ways.map(({ uses }) => uses ?? {})),
    frees: sum(ways.map(({ frees }) => frees ?? {})),
    parts: sum<PartId>(parts),
    minutes: addedUp(minutes),
    off: remedy.off,
    tell: remedy.tell,
    needsUtility: remedy.who === 'utility' || remedy.tell.some(({ whom }) => whom === 'utility'),
    looks: conditions.flatMap((one) =>
      one.state === 'not-known' ? [{ says: one.says, look: one.look }] : [],
    ),
    apply(work) {
      for (const way of ways) {
        const refusal = way.apply(work) ?? work.refusal;
        if (refusal !== undefined) return refusal;
      }
      return undefined;
    },
  };
}

/** Judges an option alone. */
function judged(
  thought: Thought,
  ground: Ground,
  before?: (work: Work) => string | void,
  along: readonly Thought[] = [],
): Option {
  const option = described({
    ...thought,
    id: [thought, ...along].map(({ id }) => id).join('+'),
    ways: [thought, ...along].flatMap(({ ways }) => ways),
    minutes: [thought, ...along].map(minutesOf),
    parts: [thought, ...along].flatMap(partsOf),
  });
  const unmet = option.conditions.find(({ state }) => state === 'not-met');
  const none = { leaves: new Map<string, Left>(), makes: [] };
  if (unmet) return { ...option, ...none, not: unmet.says };
  const work = new Work(ground.entries, idsFrom('plan-'), ground.assessment.site);
  const refusal = before?.(work) ?? option.apply(work) ?? work.refusal;
  if (refusal !== undefined) return { ...option, ...none, not: refusal };
  const after = follow(work.all, ground.followed.settings, ground.followed).assessment;
  return { ...option, ...changesOf(ground.assessment, after), not: undefined };
}

/** How many further works one may bring along before it is given up. */
const mostAlong = 6;

/**
 * What a work would newly cause is mended along with it: neutrals that a bond hid, a place that has to
 * be marked. Where nothing mends it the work is not offered, and says so.
 */
function alongWith(thought: Thought, alone: Option, ground: Ground): Option {
  const along: Thought[] = [];
  let option = alone;
  while (option.not === undefined && option.makes.length > 0) {
    const work = new Work(ground.entries, idsFrom('plan-'), ground.assessment.site);
    option.apply(work);
    const after = follow(work.all, ground.followed.settings, ground.followed).assessment;
    const [made] = madeBy(ground.assessment, after);
    if (!made) return option;
    const better =
      along.length < mostAlong ? nextAlong(thought, along, made, after, option, ground) : undefined;
    if (!better) {
      const words = made.verdict.rule.title.toLowerCase();
      return { ...option, not: `alone it would leave something else wrong: ${words}` };
    }
    along.push(better.thought);
    option = better.option;
  }
  return option;
}

/** The first work on what was newly made after which less of it is there. */
function nextAlong(
  thought: Thought,
  along: readonly Thought[],
  made: Finding,
  after: Assessment,
  option: Option,
  ground: Ground,
): { thought: Thought; option: Option } | undefined {
  for (const next of thoughtsOf(made, after)) {
    const tried = judged(thought, ground, undefined, [...along, next]);
    if (
      tried.not === undefined &&
      !tried.makes.includes(made.key) &&
      tried.makes.length < option.makes.length + 1
    )
      return { thought: next, option: tried };
  }
  return undefined;
}

function withRoom(
  thought: Thought,
  option: Option,
  roomy: readonly Option[],
  ground: Ground,
): Option {
  for (const giver of roomy) {
    if (giver.panel !== option.panel) continue;
    const enough = Object.keys(option.uses).some((kind) => giver.frees[kind as RoomKind]);
    if (!enough) continue;
    const again = judged(thought, ground, (work) => giver.apply(work));
    if (again.not === undefined)
      return { ...again, makes: again.makes.filter((key) => !giver.makes.includes(key)) };
  }
  return option;
}

/** Which findings an after-state betters, and what it makes that was not there. */
export function changesOf(
  before: Assessment,
  after: Assessment,
): { leaves: Map<string, Left>; makes: string[] } {
  const standing = standingsIn(after);
  const leaves = new Map<string, Left>();
  for (const finding of before.findings) {
    const left = leftOf(finding, standing);
    if (left.points < finding.points) leaves.set(finding.key, left);
  }
  return { leaves, makes: madeBy(before, after).map(({ key }) => key) };
}

/** Findings of an after-state above Note that were none of their own before: new, or let go by their cause. */
export function madeBy(before: Assessment, after: Assessment): Finding[] {
  const { reader } = after.site;
  const known = new Map(
    before.findings.flatMap((finding) =>
      verdictKeys(finding.verdict).map((key) => [keyToday(reader, key), finding] as const),
    ),
  );
  return after.findings.filter((finding) => {
    if (finding.grade === 'note') return false;
    const was = verdictKeys(finding.verdict)
      .map((key) => known.get(key))
      .find(Boolean);
    return !was || finding.points > was.points;
  });
}
