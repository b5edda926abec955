import type { RemedyId } from '../../vocabulary/remedy-id';
import type { RuleId } from '../../vocabulary/rule-id';
import type { Source } from '../../codes/yardstick/yardstick';
import type { LookedAt } from './nothing-recorded';
import { answerOnce } from './nothing-recorded';
import type { Check, Quiet, Unread } from './quiet';
import { quietOf } from './quiet-of';
import type { Outcome } from './outcome';
import type { Hazard, Likelihood, Severity } from '../../vocabulary/severity';
import type { Place } from './place';
import type { Scene } from './scene';

export type { Check, Place, Quiet, Scene, Unread };
export * from './outcome';

/** The words of one way a rule is broken. {name} stands for the data's value. */
export interface Message {
  /** One line for the list. */
  short: string;
  /** What was seen, with figures. */
  seen: string;
  /** Why it matters in this panel, in plain words. */
  why: string;
  /** What to ask for. */
  ask: string;
}

export interface RuleMeta {
  /** Group and name; equal to its path. */
  id: RuleId;
  title: string;
  /** Stage of the walk, 1 to 16, at which it is looked for. */
  stage: number;
  hazards: readonly Hazard[];
  base: { severity: Severity; likelihood: Likelihood };
  /** Outside the equipment's listing or label: at least Repair by the label. */
  outsideListing: boolean;
  /** Sound but obsolete, it is planned for by the calendar. */
  obsolete: boolean;
  /** The method is permitted only where it stands already: legacy whatever its year. */
  existingOnly: boolean;
  /** What is found, what is clear and which exceptions there are, for the rule's page. */
  finds: string;
  /** A panel where it is found. */
  example: string;
  /** Reach of bare live parts is already in the base. */
  reachInBase?: boolean;
  /** Year the yardstick first said so in words; blank = always, or good practice. */
  since?: number;
  behindCover: boolean;
  sources: readonly Source[];
  who: string;
  /** Ways to mend it, least work first. */
  remedies: readonly RemedyId[];
  /** The remedies are steps of one way, in this order, not a choice. */
  remediesInOrder?: boolean;
  messages: Readonly<Record<string, Message>>;
  /** Of a Danger now: what the people there do until it is made safe, where it is not that of its hazard. */
  untilThen?: string;
}

export interface Rule extends RuleMeta {
  /**
   * Gives the answer at every place where the rule looks; places at which it is not seen for one and
   * the same unread fact all together, where somebody takes them so.
   */
  examine(
    scene: Scene,
    answer: (place: Place, outcome: Outcome) => void,
    unread?: (places: readonly Place[], what: Unread) => void,
  ): void;
}

type Defaults = 'outsideListing' | 'obsolete' | 'existingOnly' | 'behindCover' | 'who';
const defaults: Pick<RuleMeta, Defaults> = {
  outsideListing: false,
  obsolete: false,
  existingOnly: false,
  behindCover: false,
  who: 'a licensed electrician',
};

/** Binds a rule's places to its check, keeping the place's own type inside the rule. */
export function defineRule<P extends Place>(
  rule: Omit<RuleMeta, Defaults> &
    Partial<Pick<RuleMeta, Defaults>> & {
      places(scene: Scene): readonly P[];
      check: Check<P>;
      /** What each place answers where none of these facts was ever recorded. */
      quiet?: Quiet;
      /** What it looks at one by one: where none was recorded it answers once, never with silence. */
      asks?: LookedAt;
    },
): Rule {
  const { places, check, asks, quiet: said, ...meta } = rule;
  let quiet = said ?? check.quiet;
  let asked = quiet !== undefined;
  // Asked when it first is needed: rules that stand beside each other may not all be there before.
  const quietly = () => {
    if (!asked) quiet = quietOf(check);
    asked = true;
    return quiet;
  };
  return {
    ...defaults,
    ...meta,
    examine(scene, answer, unread) {
      const here = places(scene);
      if (here.length === 0 && asks) return answerOnce(asks, scene, answer);
      const { reader } = scene.site;
      const silent = unread && here.length > 0 ? quietly() : undefined;
      if (silent && !silent.unless.some((property) => reader.isRecorded(property)))
        return unread!(here, silent);
      for (const place of here) answer(place, check(place, scene));
    },
  };
}
