import type { Fact } from '../../../record/entries/inspection';
import { listed } from '../../../vocabulary/phrases';
import { panelPlace } from '../../check/places';
import type { Outcome, Want } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';
import { wantsPlace } from '../../check/supply-place';

/** 110.24, 110.22, 230.85: marks that are asked of service equipment. */
export const marks = defineRule({
  id: 'service/marks',
  title: 'Marks of the service equipment missing',
  stage: 5,
  hazards: ['arc flash'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'Other than of dwellings: the available fault current with its date, since 2011. Where the label’s series rating is relied on: a mark that says so. Of an emergency disconnect of a one- or two-family dwelling: its mark, since 2020. An absent disconnect is a finding of its own.',
  example: 'A shop of 2015 whose service equipment names no fault current.',
  sources: [
    { code: '110.24', says: 'available fault current marked, other than dwellings' },
    { code: '110.22', says: 'series ratings marked' },
    { code: '230.85', says: 'emergency disconnects marked' },
  ],
  remedies: ['marks-fitted'],
  messages: {
    missing: {
      short: 'Not marked: {value}',
      seen: 'At the service equipment is not marked: {value}.',
      why: 'Whoever replaces a breaker here, or shuts off in a hurry, has nothing to go by.',
      ask: 'The marks fitted; the fault current in writing from the utility.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Marks')],
  check(place, { site: { reader }, panel, around }): Outcome {
    const stands = panel.supply.place;
    if (stands === 'downstream') return doesNotApply('not the first disconnect');
    if (stands === undefined) return notSeen(wantsPlace(panel));
    const lacks: { words: string; since: number | undefined; fact: Fact }[] = [];
    const seen: Fact[] = [];
    const wants: Want[] = [];
    const ask = (
      about: string,
      property: 'faultCurrentMark' | 'seriesMark' | 'emergencyMark',
      words: string,
      since?: number,
    ) => {
      const fact = reader.fact(about, property);
      if (!fact) wants.push(want(about, property, `look for the mark: ${words}`));
      else if (fact.value) seen.push(fact);
      else lacks.push({ words, since, fact });
    };
    const kind = reader.fact(panel.building, 'buildingKind');
    if (!kind) wants.push(want(panel.building, 'buildingKind', 'say whether it is a dwelling'));
    else if (!dwelling.includes(kind.value))
      ask(place.ref, 'faultCurrentMark', 'available fault current', 2011);
    if (reader.fact(panel.id, 'seriesRatingKa')) ask(place.ref, 'seriesMark', 'series rating');
    const small = (reader.value(panel.building, 'dwellings') ?? 1) <= 2;
    if (kind?.value === 'house' && small && reader.value(panel.building, 'emergencyDisconnect')) {
      // One of them is the emergency disconnect; it is marked where any is.
      const { disconnects } = around;
      const read = (value: boolean) =>
        disconnects.find(({ ref }) => reader.value(ref, 'emergencyMark') === value);
      const one = read(true) ?? read(false) ?? disconnects[0];
      if (one) ask(one.ref, 'emergencyMark', 'emergency disconnect', 2020);
    }
    const facts = [kind, ...lacks.map(({ fact }) => fact), ...seen];
    if (lacks.length > 0) {
      const years = lacks.map(({ since }) => since);
      return found('missing', { value: listed(lacks.map(({ words }) => words)) }, facts, {
        since: years.includes(undefined) ? null : Math.min(...years.map((year) => year!)),
      });
    }
    if (wants.length > 0) return notSeen(...wants);
    return seen.length > 0
      ? clear('marked', kind, ...seen)
      : doesNotApply('no mark is asked of it');
  },
});

const dwelling: readonly string[] = ['house', 'flats'];
