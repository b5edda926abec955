import type { Fact } from '../../../record/entries/inspection';
import { countedBarScrew } from '../../../installation/panel/completeness';
import { counted } from '../../../vocabulary/phrases';
import type { BarTerminalView } from '../../../installation/panel/views';
import type { Place } from '../../check/rule';
import { clear, defineRule, notSeen, want } from '../../check/rule';

interface ScrewPlace extends Place {
  terminal: BarTerminalView;
}

/** 110.3(B), 408.40: grounds per terminal by the label. */
export const overfilledGround = defineRule<ScrewPlace>({
  id: 'ground/overfilled',
  title: 'More grounds under a screw than the label allows',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  outsideListing: true,
  behindCover: true,
  finds: 'A label nobody read leaves more than one ground not seen.',
  example: 'Three grounds under one screw where the label allows two.',
  sources: [{ code: '110.3(B)', says: 'use by the listing and label' }],
  who: 'a licensed electrician',
  remedies: ['free-ground-terminal', 'extra-ground-bar'],
  messages: {
    overfilled: {
      short: '{grounds} under one screw, label allows {most}',
      seen: '{grounds} are under screw {number} of the ground bar; the label allows {most}.',
      why: 'A ground that slips out of screw {number} leaves its circuit’s metal without a path for a fault.',
      ask: 'No more than {most} to a screw; an extra ground bar if none is free.',
    },
  },
  asks: 'ground',
  places: ({ places }) =>
    places.barTerminals.filter(
      ({ terminal }) =>
        terminal.bar.kind === 'ground' ||
        terminal.conductors.some((conductor) => conductor.function?.value === 'ground'),
    ),
  check({ terminal }, { site, panel }) {
    const grounds = terminal.conductors.filter(
      (conductor) => conductor.function?.value === 'ground',
    );
    const facts: Fact[] = [];
    for (const { landsOn, function: use } of grounds) {
      if (landsOn) facts.push(landsOn as Fact);
      if (use) facts.push(use as Fact);
    }
    const most = site.reader.fact(panel.id, 'labelGroundsPerTerminal');
    const all = countedBarScrew(site.reader, terminal);
    if (most && grounds.length > most.value)
      return {
        outcome: 'found',
        message: 'overfilled',
        data: {
          grounds: counted(grounds.length, 'ground'),
          most: most.value,
          number: terminal.number,
        },
        facts: [most, ...facts],
      };
    if (!most && grounds.length > 1)
      return notSeen(
        want(
          panel.id,
          'labelGroundsPerTerminal',
          'read how many grounds the label allows per terminal',
        ),
      );
    const unknown = terminal.conductors.find((conductor) => !conductor.function);
    if (unknown) return notSeen(want(unknown.id, 'function', 'say what the conductor is used as'));
    if (!all)
      return notSeen(want(terminal.ref, 'conductorCount', 'follow every ground to its screw'));
    return clear(`${counted(grounds.length, 'ground')} under the screw`, ...facts, most, all);
  },
});
