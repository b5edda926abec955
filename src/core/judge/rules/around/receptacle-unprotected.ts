import type { Fact } from '../../../record/entries/inspection';
import type { PropertyValue } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import type { ProtectedPlace } from '../../../codes/yardstick/yardstick';
import type { ThingPlace } from '../../check/around';
import type { Outcome } from '../../check/rule';
import type { Likelihood, Severity } from '../../../vocabulary/severity';
import type { Place } from '../../check/place';
import { outletsOf } from '../../check/outlet-places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** Where ground-fault protection is asked for, by the places of the yardstick; by the panel alone asks nothing. */
const asked: Readonly<Partial<Record<PropertyValue<'outletPlace'>, ProtectedPlace>>> = {
  outdoors: 'outdoors',
  wet: 'outdoors',
  kitchen: 'kitchen',
  bath: 'bathroom',
  garage: 'garage',
  basement: 'basement',
  crawl: 'basement',
  laundry: 'laundry',
};

interface Fault {
  words: string;
  since: number;
  base: { severity: Severity; likelihood: Likelihood };
  fact: Fact;
}

/** 210.8, 406.9: receptacles where there is water or earth underfoot. */
export const receptacleUnprotected = defineRule<
  Place & { outlet?: true } & Partial<Pick<ThingPlace, 'thing'>>
>({
  id: 'around/receptacle-unprotected',
  title: 'Receptacle without its protection',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'A receptacle outdoors, in a wet place or where ground-fault protection is asked for, without it (its own or a tested device upstream); in the wet also without an in-use cover (1996) or of a type that is not weather-resistant (2008). Everything wrong with one receptacle is one finding. What was not asked for when it was built is advice: at most Plan. By the panel alone asks nothing.',
  example: 'A garden outlet under a flap, no ground-fault device anywhere.',
  sources: [
    { code: '210.8', says: 'ground-fault protection' },
    { code: '406.9(B)', says: 'receptacles in wet places' },
  ],
  remedies: ['ground-fault-device', 'in-use-cover'],
  remediesInOrder: true,
  messages: {
    unprotected: {
      short: '{place}: no ground-fault protection',
      seen: '{place} has no ground-fault protection, its own or upstream.',
      why: 'A person with wet feet and a faulty tool is the only thing that will notice the fault.',
      ask: 'Ground-fault protection for this receptacle.',
    },
    several: {
      short: '{place}: {fault}',
      seen: '{place}: {fault}.',
      why: 'Where there is water or earth underfoot, a faulty tool can kill before an ordinary breaker moves, and rain gets to the contacts.',
      ask: 'Ground-fault protection, an in-use cover and a weather-resistant receptacle, as they are missing.',
    },
    cover: {
      short: '{place}: {fault}',
      seen: '{place}: {fault}.',
      why: 'Rain gets to the contacts while something is plugged in.',
      ask: 'An in-use cover and a weather-resistant receptacle.',
    },
  },
  places: (scene) => outletsOf(scene, 'receptacle', 'Receptacles in sight'),
  check(place, { site: { reader }, panel, yardstick }) {
    if (!place.outlet) {
      const looked = reader.fact(place.ref, 'outletsLooked');
      return looked?.value
        ? clear('none recorded as unsound', looked)
        : notSeen(
            want(place.ref, 'outletsLooked', 'look at receptacles outdoors and by the panel'),
          );
    }
    const where = reader.fact(place.ref, 'outletPlace');
    if (!where) return notSeen(want(place.ref, 'outletPlace', 'say where it is'));
    const protectedPlace = asked[where.value];
    if (!protectedPlace) return clear('no place that asks for it', where);
    const protection = reader.fact(place.ref, 'outletProtection');
    const wet = where.value === 'outdoors' || where.value === 'wet';
    const cover = wet ? reader.fact(place.ref, 'inUseCover') : undefined;
    const type = wet ? reader.fact(place.ref, 'weatherResistant') : undefined;
    const { inUseCover, weatherResistant } = yardstick.receptacleSince;
    const faults: Fault[] = [
      protection?.value === 'none' && {
        words: 'no ground-fault protection',
        since: yardstick.protectionSince['ground-fault'][protectedPlace] ?? 0,
        base: { severity: 4 as const, likelihood: 2 as const },
        fact: protection as Fact,
      },
      cover?.value === false && {
        words: 'no in-use cover',
        since: inUseCover,
        base: { severity: 3 as const, likelihood: 2 as const },
        fact: cover as Fact,
      },
      type?.value === false && {
        words: 'not of a weather-resistant type',
        since: weatherResistant,
        base: { severity: 2 as const, likelihood: 2 as const },
        fact: type as Fact,
      },
    ].filter((one) => one !== false && one !== undefined);
    if (faults.length > 0) {
      const year = [place.ref, place.thing?.in, panel.building]
        .map((about) => (about ? reader.fact(about, 'yearBuilt') : undefined))
        .find((fact) => fact);
      return faultsFound(faults, year as Fact<number> | undefined, where as Fact);
    }
    if (!protection)
      return notSeen(want(place.ref, 'outletProtection', 'test its ground-fault protection'));
    if (wet && !cover) return notSeen(want(place.ref, 'inUseCover', 'look at its cover'));
    if (wet && !type) return notSeen(want(place.ref, 'weatherResistant', 'read its type'));
    return clear('protected', where, protection, cover, type);
  },
});

/** All that is wrong with one receptacle: the gravest of what was asked for when it was built decides. */
function faultsFound(
  faults: readonly Fault[],
  year: Fact<number> | undefined,
  where: Fact,
): Outcome {
  const due = year ? faults.filter(({ since }) => since <= year.value) : faults;
  const lead = (due.length > 0 ? due : faults).reduce((a, b) =>
    b.base.severity > a.base.severity ? b : a,
  );
  const [first] = faults;
  const message =
    faults.length > 1
      ? 'several'
      : first!.fact.property === 'outletProtection'
        ? 'unprotected'
        : 'cover';
  const facts = [where, ...faults.map(({ fact }) => fact), year as Fact | undefined];
  const data = { fault: listed(faults.map(({ words }) => words)) };
  if (due.length === 0)
    return found(message, data, facts, {
      since: lead.since,
      base: { severity: 2, likelihood: 2, because: 'not asked for when built' },
      most: { grade: 'plan', because: 'not asked for when built: at most Plan' },
    });
  return found(message, data, facts, {
    since: lead.since,
    base: { ...lead.base, because: lead.words },
  });
}
