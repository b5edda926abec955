/** @jest-environment jsdom */
import { afterAll, afterEach, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react/pure';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { ReactNode } from 'react';
import * as v from 'valibot';
import { properties } from '@/core/record/entries/properties';
import type { Facts, PropertyName, PropertySpec } from '@/core/record/entries/properties';
import type { Subject } from '@/core/record/entries/thing-types';
import { bench } from '@/core/testing/bench';
import type { Bench } from '@/core/testing/bench';
import { refOf } from '@/core/testing/rule-cases';
import type { BookContext } from '../Book/context';
import { BookContextProvider, InHandProvider } from '../Book/context';
import { AroundList } from '../Supply/AroundList';
import { deviceOf } from '@/core/fieldwork/recording/rehang';
import { fitsDevice } from '@/core/fieldwork/walk/fitting';
import { CircuitScrews } from '../Walk/detail/CircuitScrews';
import { FactField } from './FactField';
import { FactSheet } from './FactSheet';

/** A site with one of everything that can be recorded. */
function everything(): Bench {
  const made = bench({ rows: 6 }).lines(
    'main 100',
    '1+3 30 10cu:b/10cu:r m1 n1 g1 in:nm dryer',
    '5 20 12cu:b m1 n2 g2 in:nm counter left',
    '2 20 12cu:r m1 n3 g3 in:nm counter right',
    '7 20 12cu:r m1 ~5 in:nm hall',
  );
  for (const [type, id, within] of [
    ['dwelling', 'flat', 'house'],
    ['room', 'hall', 'house'],
    ['work', 'work', 'house'],
    ['meter', 'meter', 'house'],
    ['source', 'solar', 'house'],
    ['electrode', 'rod', 'house'],
    ['pipe', 'pipe', 'house'],
    ['outlet', 'outlet', 'house'],
    ['knockout', 'hole', 'panel'],
    ['instrument', 'clamp', 'site'],
    ['note', 'note', 'site'],
  ] as const)
    made.book.add(type, id, within, {});
  made.book.add('device', 'fuse', 'panel', {
    place: { kind: 'position', column: 2, row: 6 },
    form: 'plug-fuse',
  });
  made.book.add('device', 'pair', 'panel', {
    place: { kind: 'position', column: 1, row: 5 },
    form: 'two-pole',
  });
  made.book.add('panel', 'second', 'house', { name: 'Second panel', rows: 2 });
  made.book.add('load', 'load', refOf(made, 'circuit 5'), {});
  made.book.add('load', 'other-load', refOf(made, 'circuit 5'), {});
  return made;
}

const refs = (made: Bench): Partial<Record<Subject, string>> => ({
  site: 'site',
  building: 'house',
  dwelling: 'flat',
  room: 'hall',
  work: 'work',
  service: 'service',
  meter: 'meter',
  disconnect: 'disconnect',
  source: 'solar',
  electrode: 'rod',
  pipe: 'pipe',
  outlet: 'outlet',
  panel: 'panel',
  knockout: 'hole',
  device: refOf(made, 'device 5'),
  bar: 'nbar',
  cable: refOf(made, 'cable 5'),
  conductor: refOf(made, 'wire 5'),
  circuit: refOf(made, 'circuit 5'),
  multiwire: refOf(made, 'multiwire 1'),
  load: 'load',
  instrument: 'clamp',
  note: 'note',
  position: 'panel/c1r5',
  terminal: refOf(made, 'terminal 5'),
  'bar-terminal': 'nbar/t2',
  lug: 'panel/l1',
});

/** What no form of facts asks for, and where it is entered instead. */
const elsewhere: Readonly<Partial<Record<PropertyName, string>>> = {
  place: 'by touching the position, or its line of shorthand',
  form: 'by the buttons of an empty position, or shorthand',
  handleRatingsA: 'by the rating buttons of a position, or shorthand',
  columns: 'by the template of a new panel, or shorthand',
  fedFrom: 'by the choice of what feeds it, in Walk and Supply',
  landsOn: 'by the screw it is put under',
  circuit: 'by naming what a breaker feeds',
  terminals: 'by "Starts at this breaker too"; tested below',
  sharedNeutral: 'by "Shares its neutral with"',
  takenOut: 'by "Taken out", of a device and of a wire',
  insteadOf: 'by "Another instead"; tested in Walk/works.test',
  removed: 'by "Not there after all"',
  conductorCount: 'by "That is all under it"',
  takenWith: 'by the instrument chosen on the bench',
  switchedOff: 'by beginning a round of tracing',
  roundNumber: 'by beginning a round of tracing',
  traceWay: 'by the buttons of the tracing',
  inRound: 'by the buttons of a round',
  fedBy: 'by keeping what the tracing found',
  fedHow: 'by keeping what the tracing found',
  whatIf: 'by keeping a what-if',
  whatIfSays: 'by keeping a what-if',
  evidenceFor: 'by keeping a what-if',
  returnOf: 'by beginning the return visit',
  returnTick: 'by the ticks of the return visit',
  returnWords: 'by the ticks of the return visit',
  wishKind: 'by "Add a wish" in Plan; tested in Plan/plan.test',
  wishA: 'by "Add a wish" in Plan; tested in Plan/plan.test',
  wishPositions: 'by "Add a wish" in Plan; tested in Plan/plan.test',
  wishPanel: 'by "Add a wish" in Plan: of the panel in hand',
  planName: 'by "Record this choice" in Plan; tested in Plan/plan.test',
  planBy: 'by "Record this choice" in Plan; tested in Plan/plan.test',
  planChoices: 'by "Record this choice" in Plan',
  planWorks: 'by "Record this choice" in Plan',
  planBook: 'by "Record this choice" in Plan',
  planCost: 'by "Record this choice" in Plan',
  planMinutes: 'by "Record this choice" in Plan',
  planRiskLeft: 'by "Record this choice" in Plan',
  planFacts: 'by "Record this choice" in Plan',
  planDrafts: 'by "Record this choice" in Plan',
  planTell: 'by "Record this choice" in Plan',
  planPermit: 'by "Tell first" in Plan; tested in Plan/tell-first.test',
  planUtility: 'by "Tell first" in Plan; tested in Plan/tell-first.test',
  planOwner: 'by "Tell first" in Plan; tested in Plan/tell-first.test',
  planSteps: 'by "Record this choice" in Plan',
  planOffered: 'by "Record this choice" in Plan',
  planLines: 'by "Record this choice" in Plan',
  quoteFrom: 'by "Add a quote" in Plan; tested in Plan/quotes.test',
  quotePlan: 'by "Add a quote" in Plan: for the plan chosen last',
  quoteSum: 'by "Add a quote" in Plan; tested in Plan/quotes.test',
  quoteLines: 'by "Add a quote" in Plan; tested in Plan/quotes.test',
  finding: 'by ruling on a finding',
  overruledTo: 'by ruling on a finding',
  overruleReason: 'by ruling on a finding',
  madeSafeHow: 'by ruling on a finding',
  mergedInto: 'by ruling on a finding',
  reportPlace: 'by ruling on a finding',
  toldApart: 'by "Split one off" on a finding; tested in Judge/judge.test',
  omits: 'by "Why not" on what was not done; tested in Judge/judge.test',
  omittedBecause: 'by "Why not" on what was not done',
  omissionWords: 'by "Why not" on what was not done',
  omissionBy: 'by "Why not" on what was not done',
  mendOf: 'by "Mended now" on a finding; tested in Judge/mend.test',
  mendedBy: 'by "Mended now" on a finding',
  mendHow: 'by "Mended now" on a finding',
  mendParts: 'by "Mended now" on a finding',
  mendStep: 'by recording while a mend is in hand',
  mendDone: 'by "All of it recorded"',
  aboutThing: 'by placing a note or photo',
  recording: 'by "Say it instead" in a note',
  recordingSeconds: 'by "Say it instead" in a note',
  caption: 'by the form of a photo',
  digest: 'by taking a photo',
  pictureWidth: 'by taking a photo',
  pictureHeight: 'by taking a photo',
  pin: 'by pointing in a photo',
  takenAt: 'by taking a photo',
};

/** Sources below a folder, tests aside. */
function sourcesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sourcesIn(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name)
      ? [readFileSync(path, 'utf8')]
      : [];
  });
}

function book(made: Bench, observe: BookContext['actions']['observe']): BookContext {
  const assessment = made.assess();
  return {
    state: { assessment },
    panel: assessment.site.panels.find(({ id }) => id === 'panel')!,
    names: new Map(),
    inspection: 'one',
    actions: { observe, record: jest.fn(), select: jest.fn() },
  } as unknown as BookContext;
}

const nothingChosen = {
  selection: { kind: 'stage', stage: 1 } as const,
  sure: undefined,
  trouble: undefined,
};

function show(made: Bench, node: ReactNode) {
  const said: { about: string; facts: Facts }[] = [];
  const observe = (about: string, facts: Facts) => {
    said.push({ about, facts });
    return Promise.resolve(undefined);
  };
  const context = book(made, observe as BookContext['actions']['observe']);
  render(
    <BookContextProvider value={context}>
      <InHandProvider value={nothingChosen}>{node}</InHandProvider>
    </BookContextProvider>,
  );
  return { said, context };
}

/** Something to type that the property takes. */
function typed(spec: PropertySpec): string {
  switch (spec.input) {
    case 'length':
      return '820 mm';
    case 'torque':
      return '25 lbf·in';
    case 'numbers':
      return '1, 3';
    case 'list':
      return 'Tarnholt, Oskelund';
    case 'number':
      return ['75', '20', '2', '3', '1990', '5', '1'].find(
        (text) => v.safeParse(spec.schema, Number(text)).success,
      )!;
    default:
      return '2026-01-01';
  }
}

/** A button by the label that a screen reader says. */
const byAria = (label: string) =>
  [...document.querySelectorAll('button')].find(
    (button) => button.getAttribute('aria-label') === label,
  );

/** A field by the label it stands in. */
const byLabel = (words: string) =>
  [...document.querySelectorAll('label')]
    .find((label) => label.firstChild?.textContent === words)!
    .querySelector('select, input')!;

/** Finds the control of a property by its label and uses it. */
function enter(spec: PropertySpec): void {
  const label = spec.unit ? `${spec.label}, ${spec.unit}` : spec.label;
  if (spec.input === 'yes-no' || spec.input === 'choice') {
    const words = spec.input === 'yes-no' ? 'yes' : Object.values(spec.choices!)[0]!;
    const button = byAria(`${label}: ${words}`);
    if (button) {
      fireEvent.click(button);
      return;
    }
    const select = byLabel(label) as HTMLSelectElement;
    fireEvent.change(select, { target: { value: Object.keys(spec.choices!)[0] } });
    return;
  }
  if (spec.input === 'choices') {
    fireEvent.click(byAria(`${label}: ${Object.values(spec.choices!)[0]!}`)!);
    return;
  }
  if (spec.input === 'thing') {
    const select = byLabel(label) as HTMLSelectElement;
    const option = [...select.options].find(({ value }) => value !== '')!;
    fireEvent.change(select, { target: { value: option.value } });
    return;
  }
  const asks =
    spec.input === 'length'
      ? `${label}, mm`
      : spec.input === 'torque'
        ? `${label}, N·m or lbf·in`
        : label;
  const field = byLabel(asks);
  fireEvent.change(field, { target: { value: typed(spec) } });
  fireEvent.blur(field);
}

const names = Object.keys(properties) as PropertyName[];

const made = everything();

describe('whatever can be recorded has a door', () => {
  test('and what no form asks for is listed with where it is entered', () => {
    const without = names.filter((name) => {
      const spec = properties[name] as PropertySpec;
      return (
        (spec.input === 'none' && !spec.retired) ||
        (spec.on as string[]).every((one) =>
          ['round', 'outlet-round', 'photo', 'ruling', 'what-if'].includes(one),
        )
      );
    });
    expect(without.filter((name) => elsewhere[name] === undefined)).toEqual([]);
  });

  test('and each of those is written somewhere a person does it', () => {
    const sources = ['src/ui', 'src/core/fieldwork', 'src/client'].flatMap(sourcesIn).join('\n');
    const unwritten = (Object.keys(elsewhere) as PropertyName[]).filter(
      (name) => !new RegExp(`\\b${name}\\b['"]?\\s*[:,}\\]]|\\[${name}\\]`).test(sources),
    );
    expect(unwritten).toEqual([]);
  });

  const known = refs(made);
  const subjectOf = (name: PropertyName) =>
    ((properties[name] as PropertySpec).on as Subject[]).find((one) => known[one] !== undefined)!;
  const asked = names.filter(
    (name) => !(properties[name] as PropertySpec).retired && !elsewhere[name],
  );

  // A breaker is not asked for what only a fuse has, nor one pole for what two have.
  const { site } = made.book;
  const devices = [known.device!, 'fuse', 'pair'].map((id) => deviceOf(site.panels[0]!, id)!);
  const aboutOf = (name: PropertyName): string =>
    subjectOf(name) === 'device'
      ? devices.find((device) => fitsDevice(name, device, site.reader))!.id
      : known[subjectOf(name)]!;
  // One form for all that is asked of a thing: it is long, and drawn once.
  describe.each([...new Set(asked.map(aboutOf))])('of %s', (about) => {
    let said: ReturnType<typeof show>['said'];
    beforeAll(() => {
      ({ said } = show(made, <FactSheet about={about} />));
    });
    afterAll(cleanup);

    test.each(asked.filter((name) => aboutOf(name) === about))('%s', (name) => {
      const spec = properties[name] as PropertySpec;
      said.length = 0;
      enter(spec);
      expect(said.map(({ about: of, facts }) => [of, Object.keys(facts)])).toContainEqual([
        about,
        [name],
      ]);
      // What the form records is a value the property takes.
      const value = said.at(-1)!.facts[name];
      expect([name, v.safeParse(spec.schema, value).success]).toEqual([name, true]);
    });
  });
});

describe('what is entered by other doors', () => {
  afterEach(cleanup);

  test('a circuit over two breakers: the second is chosen by its number', () => {
    const made = everything();
    const circuit = refOf(made, 'circuit 5');
    const { said } = show(made, <CircuitScrews circuit={circuit} />);
    const select = screen.getByLabelText('Starts at this breaker too') as HTMLSelectElement;
    const option = [...select.options].find(({ text }) => text === '2')!;
    fireEvent.change(select, { target: { value: option.value } });
    expect(said).toEqual([
      {
        about: circuit,
        facts: { terminals: [refOf(made, 'terminal 5'), refOf(made, 'terminal 2')] },
      },
    ]);
  });

  test('a second building, and what stands in it', () => {
    const made = everything();
    const { context } = show(made, <AroundList chosen="" choose={() => undefined} />);
    fireEvent.click(screen.getByRole('button', { name: '+ another building' }));
    const drafts = (context.actions.record as jest.Mock).mock.calls[0]![0] as (
      id: () => string,
    ) => readonly unknown[];
    expect(drafts(() => 'shed')).toEqual([
      expect.objectContaining({ kind: 'add', type: 'building', in: 'site' }),
    ]);
    cleanup();
    made.book.add('building', 'shed', 'site', { name: 'Shed' });
    show(made, <AroundList chosen="" choose={() => undefined} />);
    expect(screen.getByLabelText('What is added stands in')).toBeDefined();
  });
});

describe('doubled lugs', () => {
  test('how many conductors are under a lug, and how many it is marked for', () => {
    for (const name of ['conductorCount', 'lugTakes'] as const) {
      const { said } = show(everything(), <FactSheet about="panel/l1" />);
      enter(properties[name]);
      expect(said).toEqual([{ about: 'panel/l1', facts: { [name]: expect.any(Number) } }]);
      cleanup();
    }
  });
});

describe('bad input at the field', () => {
  afterEach(cleanup);

  test.each([
    ['service', 'Transformer, kVA', '0', 'more than 0 kVA'],
    ['panel', 'Length of the supply, mm', '0 m', 'more than 0'],
    ['source', 'Its output current, A', '0', 'more than 0 A'],
    ['panel', 'Torque on the label: lugs, N·m or lbf·in', 'tight', 'a torque such as'],
  ])('%s: %s %s is refused, and says what was expected', (subject, label, text, expected) => {
    const made = everything();
    const { said } = show(made, <FactSheet about={refs(made)[subject as Subject]!} />);
    const field = screen.getByLabelText(label);
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
    expect(screen.getByRole('alert').textContent).toContain(expected);
    expect(said).toEqual([]);
  });
});

describe('a figure with its unit', () => {
  afterEach(cleanup);
  const asked = (text: string) => {
    const made = everything();
    const panel = refs(made).panel!;
    const { said } = show(made, <FactField about={panel} property="serviceDemandA" />);
    const field = screen.getByLabelText(/^Calculated demand/);
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
    return { said: said.map(({ facts }) => facts), told: screen.queryByRole('alert')?.textContent };
  };

  test.each(['96', '96 A', '96a'])('%s is amperes', (text) => {
    expect(asked(text)).toEqual({ said: [{ serviceDemandA: 96 }], told: undefined });
  });

  test('watts are not taken for amperes; what they come to is said', () => {
    expect(asked('7200 W')).toEqual({
      said: [],
      told: 'Calculated demand is asked in A, got W: 7200 W is 60 A at 120 V, 30 A at 240 V',
    });
  });

  test('volts are not taken for amperes', () => {
    expect(asked('240 V').told).toBe('Calculated demand is asked in A, got V');
  });
});
