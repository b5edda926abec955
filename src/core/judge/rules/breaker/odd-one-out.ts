import { sameWords } from '../../../codes/families/nameplate';
import type { Fact } from '../../../record/entries/inspection';
import { listed } from '../../../vocabulary/phrases';
import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** A pointer: one breaker unlike its neighbours was most likely put in later. */
export const oddOneOut = defineRule({
  id: 'breaker/odd-one-out',
  title: 'Breakers unlike their neighbours',
  stage: 6,
  hazards: [],
  base: { severity: 1, likelihood: 2 },
  finds:
    'Breakers of another maker than the rest, or more than ten years younger than the panel. A pointer: what was changed, and why?',
  example: 'One Merrowby breaker among eleven of Tarnholt.',
  sources: [{ code: 'good practice', says: 'what was changed here, and why?' }],
  who: 'the owner, who may know',
  remedies: ['ask-odd'],
  messages: {
    odd: {
      short: 'Unlike the rest: {which}',
      seen: 'Unlike the rest of the breakers: {which}.',
      why: 'Most likely they were put in later, for a reason nobody recorded.',
      ask: 'Ask what was changed, and look at what those breakers feed.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Breakers among each other')],
  check(_, { site: { reader }, panel }) {
    if (panel.devices.length < 2) return doesNotApply('fewer than two breakers');
    const panelMaker = reader.value(panel.id, 'maker');
    const panelYear = reader.value(panel.id, 'yearBuilt');
    const makers = panel.devices.map((device) => reader.fact(device.id, 'maker'));
    const usual = panelMaker ?? commonest(makers.map((fact) => fact?.value));
    const odd: { label: string; fact: Fact }[] = [];
    let unread: string | undefined;
    let undated: string | undefined;
    for (const [index, device] of panel.devices.entries()) {
      const maker = makers[index];
      const year = reader.fact(device.id, 'yearBuilt');
      if (!year) undated ??= device.id;
      if (!maker) unread ??= device.id;
      else if (usual && !sameWords(maker.value, usual))
        odd.push({ label: `${device.label} (${maker.value})`, fact: maker as Fact });
      if (year && panelYear !== undefined && year.value > panelYear + muchYounger)
        odd.push({ label: `${device.label} (${year.value})`, fact: year as Fact });
    }
    if (odd.length > 0)
      return found(
        'odd',
        { which: listed(odd.map((one) => one.label)) },
        odd.map((one) => one.fact),
      );
    if (unread) return notSeen(want(unread, 'maker', 'read the maker of every breaker'));
    if (undated)
      return notSeen(want(undated, 'yearBuilt', 'tell the age of every breaker by its look'));
    if (panelYear === undefined)
      return notSeen(want(panel.id, 'yearBuilt', 'find the year of the panel'));
    return clear('all alike', ...makers);
  },
});

const muchYounger = 10;

function commonest(words: readonly (string | undefined)[]): string | undefined {
  const counts = new Map<string, number>();
  for (const word of words) if (word) counts.set(word, (counts.get(word) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0];
}
