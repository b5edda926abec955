import type { Contradiction } from '../../fieldwork/merging/contradiction';
import { deviceCircuitWords } from '../../installation/panel/words';
import type { DeviceView } from '../../installation/panel/views';
import type { SiteView } from '../../installation/panel/site-view';
import { thingWords } from '../../installation/panel/thing-words';
import type { Entry } from '../../record/entries/entry';
import type { Fact } from '../../record/entries/inspection';
import { propertySpec } from '../../record/entries/properties';
import { formOf } from '../../vocabulary/device-forms';
import { counted } from '../../vocabulary/phrases';
import { entryWords } from './entry-words';
import { valueWords } from './value-words';

/** Who said something, and when: ISO 8601 with offset, by the clock of his device. */
export interface SaidBy {
  author: string;
  at: string;
}

export interface SideWords {
  says: string;
  by: readonly SaidBy[];
  /** On the button that settles on it. */
  settle: string;
}

/** A contradiction of two hands, as it is shown where it is. */
export interface ContradictionWords {
  /** What it is about. */
  title: string;
  sides: readonly SideWords[];
  /** What is drawn and what counts until it is settled. */
  until: string;
}

const lower = (label: string) =>
  /^[A-Z][a-z]/.test(label) ? label[0]!.toLowerCase() + label.slice(1) : label;

const labelOf = (property: string) => propertySpec(property)?.label ?? property;

/** Each person once, by what he said last. */
const saidBy = (facts: readonly Pick<Fact, 'author' | 'at'>[]): SaidBy[] => [
  ...new Map(facts.map(({ author, at }) => [author, { author, at }])).values(),
];

/** "Breaker 7", "Circuit Hall": without the colon a title has of its own. */
const thingOf = ({ about }: Contradiction, site: SiteView) =>
  thingWords(about, site).replace(': ', ' ');

/** What a contradiction is about, in a line. */
export function contradictionTitle(one: Contradiction, site: SiteView): string {
  switch (one.kind) {
    case 'values':
      return `${thingOf(one, site)}, ${lower(labelOf(one.property))}: recorded differently`;
    case 'presence':
      return `${thingOf(one, site)}: taken away by one, recorded by another`;
    case 'position':
      return `Position ${one.number}: ${counted(one.sides.length, 'breaker')} recorded`;
    case 'circuit':
      return `The screw of ${one.label}: ${counted(one.sides.length, 'circuit')} recorded`;
    case 'taken-back':
      return 'Recorded of something that was taken back';
  }
}

/** @param entries in which what one recorded of a thing another took away is found */
export function contradictionWords(
  one: Contradiction,
  site: SiteView,
  entries: readonly Entry[],
): ContradictionWords {
  switch (one.kind) {
    case 'values': {
      const { about, property, sides } = one;
      const shown = site.reader.facts(about, property as never).at(-1);
      return {
        title: contradictionTitle(one, site),
        sides: sides.map(({ value, facts, mend }) => {
          const words = valueWords({ property, value, about }, site);
          return {
            says: mend === undefined ? words : `${words}, after a mend`,
            by: saidBy(facts),
            settle: mend === undefined ? words : `${words} since the mend`,
          };
        }),
        until: `Until it is settled, what is drawn and shown is what stands last in the record${shown ? `, ${valueWords(shown, site)}` : ''}; of what is found under either, the worse counts.`,
      };
    }
    case 'presence': {
      const { property, sides } = one;
      const [away, there] = sides;
      const mistaken = property === 'removed';
      const wrote = new Set(there.facts.map(({ entry }) => entry));
      const written = entries.flatMap((entry) => (wrote.has(entry.id) ? saysOf(entry, site) : []));
      return {
        title: contradictionTitle(one, site),
        sides: [
          {
            says: mistaken ? 'It was never there' : 'It was taken out',
            by: saidBy(away.facts),
            settle: mistaken ? 'Not there' : 'Taken out',
          },
          {
            says: `Recorded as it is there${written.length > 0 ? `: ${written.join('; ')}` : ''}`,
            by: saidBy(there.facts),
            settle: mistaken ? 'It is there' : 'Still there',
          },
        ],
        until: mistaken
          ? 'Until it is settled it is drawn as it was recorded, and what is found of it counts.'
          : 'Until it is settled it is drawn as taken out, and what is found of it still counts.',
      };
    }
    case 'position':
      return {
        title: contradictionTitle(one, site),
        sides: one.sides.map(({ device, facts }) => ({
          says: deviceWords(device),
          by: saidBy(facts),
          settle: `Only ${deviceWords(device)}`,
        })),
        until:
          'Until it is settled the first is drawn, and both are judged. Where both mean the same breaker, the other leaves the drawing with its wires; the history keeps it. Where one stands elsewhere, move it there.',
      };
    case 'circuit':
      return {
        title: contradictionTitle(one, site),
        sides: one.sides.map(({ circuit, facts }) => ({
          says: circuit.name ?? 'a circuit without a name',
          by: saidBy(facts),
          settle: circuit.name ?? 'The one without a name',
        })),
        until: `Until it is settled the first is shown: ${one.sides[0]?.circuit.name ?? 'the one without a name'}.`,
      };
    case 'taken-back':
      return {
        title: contradictionTitle(one, site),
        sides: [
          {
            says: 'Its recording was taken back',
            by: saidBy(one.undone),
            settle: 'Bring it back',
          },
          {
            says: one.writings.flatMap((entry) => saysOf(entry, site)).join('; ') || 'More of it',
            by: saidBy(one.writings),
            settle: 'Leave it out, and what was recorded of it',
          },
        ],
        until: 'Until it is settled nothing of it is drawn or judged.',
      };
  }
}

function saysOf(entry: Entry, site: SiteView): string[] {
  const { says } = entryWords(entry, site);
  return says.slice(0, 3);
}

function deviceWords(device: DeviceView): string {
  const ratings = device.terminals[0]?.ratingA?.value.join(' and ');
  const name = deviceCircuitWords(device);
  return [ratings ? `${ratings} A` : 'rating not read', formOf(device.form).short, name]
    .filter(Boolean)
    .join(', ');
}

/** In a report, one sentence: who recorded what, and what counts. */
export function contradictionSentence(
  one: Contradiction,
  site: SiteView,
  nameOf: (author: string) => string,
): string {
  const by = (side: { facts: readonly Fact[] }) =>
    saidBy(side.facts)
      .map(({ author }) => nameOf(author))
      .join(', ');
  switch (one.kind) {
    case 'values': {
      const said = one.sides.map(
        (side) =>
          `${valueWords({ property: one.property, value: side.value, about: one.about }, site)}${side.mend === undefined ? '' : ' after a mend'} (${by(side)})`,
      );
      return `${thingOf(one, site)}, ${lower(labelOf(one.property))}: recorded as ${said.join(' and as ')}. The worse one counts until this is corrected.`;
    }
    case 'presence': {
      const [away, there] = one.sides;
      const words = one.property === 'removed' ? 'not there' : 'taken out';
      return `${thingOf(one, site)}: recorded as ${words} (${by(away)}), while more of it was recorded (${by(there)}). What was found of it counts until this is cleared up.`;
    }
    case 'position':
      return `Position ${one.number}: ${one.sides.map((side) => `${deviceWords(side.device)} (${by(side)})`).join(' and ')} are both recorded on it. Both count until this is cleared up.`;
    case 'circuit':
      return `The screw of ${one.label}: recorded as feeding ${one.sides.map((side) => `${side.circuit.name ?? 'a circuit without a name'} (${by(side)})`).join(' and ')}.`;
    case 'taken-back':
      return `Something was recorded (${saidBy(one.writings)
        .map(({ author }) => nameOf(author))
        .join(
          ', ',
        )}) of what another took out of the record: it is in no drawing and no finding until this is cleared up.`;
  }
}
