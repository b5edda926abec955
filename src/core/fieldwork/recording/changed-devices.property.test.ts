import { describe, expect, test } from '@jest/globals';
import { assess } from '../../judge/assess/assess';
import { verdictKey } from '../../judge/examine/verdict';
import { drawPanel } from '../../show/drawing/draw-panel';
import { fold } from '../../record/entries/fold';
import { bench, testSettings } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { formNames, formOf } from '../../vocabulary/device-forms';
import type { FormName } from '../../vocabulary/device-forms';
import type { DeviceView } from '../../installation/panel/views';
import { canonicalJson } from '../../vocabulary/canonical';
import { notesOf } from '../walk/notes';
import { photosOf } from '../walk/photos';
import { deviceAt } from './device-at';
import { add } from './draft';
import { circuitsOffScrews, looseWires } from './loose-wires';
import { moveDevice } from './move-device';
import type { Recorded, RecordingBench } from './recording-bench';
import { reformDevice } from './reform-device';
import { ratingsOf } from './replacement';
import { replaceDevice } from './replace-device';
import type { PropertyValue } from '../../record/entries/properties';
import { deviceOf } from './rehang';
import { takeOutDevice } from './take-out-device';

const wirings = ['none', 'one', 'doubled', 'cable', 'shared', 'counted', 'feeds', 'loose'] as const;
type Wiring = (typeof wirings)[number];

/** At 7; what never stands on a position, in its own place. */
const placeOf = (form: FormName): PropertyValue<'place'> =>
  form === 'pull-out'
    ? { kind: 'pull-out', number: 1 }
    : { kind: 'position', column: 1, row: 4, ...(form === 'half' && { half: 'upper' }) };

/** A device of this form at 7, wired so, with a note, a photo and an overrule on its first screw. */
function wired(form: FormName, wiring: Wiring): Bench {
  const here = bench({ panel: form === 'plug-fuse' ? { panelKind: 'fuse' } : {} });
  const { terminals, handles } = formOf(form);
  here.book.add('device', 'd', 'panel', {
    place: placeOf(form),
    form,
    handleRatingsA: Array.from({ length: Math.max(...handles) + 1 }, () => 20),
    terminalTakes: 1,
  });
  const screws = terminals.map((_, index) => `d/t${index + 1}`);
  if (wiring !== 'none')
    formOf(form).circuits.forEach((indexes, at) => {
      here.book.add('circuit', `k${at}`, 'panel', {
        terminals: indexes.map((index) => screws[index]!),
        name: `Circuit ${at}`,
      });
      here.book.add('cable', `c${at}`, 'panel', { cableKind: 'nm' });
      for (const index of indexes)
        here.book.add('conductor', `h${index}`, `c${at}`, {
          function: 'hot',
          size: '12',
          metal: 'cu',
          circuit: `k${at}`,
          landsOn: wiring === 'loose' && index === 0 ? null : screws[index]!,
        });
      if (wiring !== 'one') {
        here.book.add('conductor', `n${at}`, `c${at}`, {
          function: 'neutral',
          landsOn: `nbar/t${at + 1}`,
        });
        here.book.add('conductor', `g${at}`, `c${at}`, {
          function: 'ground',
          landsOn: `gbar/t${at + 1}`,
        });
      }
    });
  if (wiring === 'doubled')
    here.book.add('conductor', 'extra', 'panel', { function: 'hot', size: '14', landsOn: 'd/t1' });
  if (wiring === 'counted') screws.forEach((ref) => here.book.observe(ref, { conductorCount: 1 }));
  if (wiring === 'shared') {
    here.lines('8 20 12cu bath');
    here.book.add('multiwire', 'm', 'panel', {
      terminals: ['d/t1', deviceAt(here.book.site.panels[0]!, 8)!.terminals[0]!.ref],
      sharedNeutral: 'n0',
    });
  }
  if (wiring === 'feeds') here.book.add('panel', 'below', 'house', { rows: 4, fedFrom: 'd' });
  here.book.record([
    add('note', 'note', 'site', { words: 'warm', aboutThing: 'd' }),
    add('photo', 'photo', 'site', {
      digest: 'b'.repeat(64),
      pictureWidth: 4,
      pictureHeight: 3,
      aboutThing: 'd/t1',
    }),
    add('ruling', 'ruling', 'site', {
      finding: 'breaker/double-tap|d/t1',
      overruledTo: 'note',
      overruleReason: 'known',
    }),
  ]);
  return here;
}

const works = [
  'never',
  'out',
  'blank',
  'out with others',
  'move',
  'replace',
  're-rate',
  'reform',
] as const;
type Work = (typeof works)[number];

function doIt(work: Work, device: DeviceView, to: FormName, of: RecordingBench): Recorded {
  switch (work) {
    case 'never':
      return takeOutDevice(device, { mistaken: true }, of);
    case 'out':
      return takeOutDevice(device, {}, of);
    case 'blank':
      return takeOutDevice(device, { leaves: 'blanked' }, of);
    case 'out with others':
      return takeOutDevice(device, { withOthers: true }, of);
    case 'move':
      return moveDevice(device, { number: 13 }, of);
    case 'replace':
      return replaceDevice(device, { form: to, handleRatingsA: ratingsOf(to, 15) }, of);
    case 're-rate':
      return reformDevice(device, { handleRatingsA: ratingsOf(device.form, 15) }, of);
    case 'reform':
      return reformDevice(device, { form: to, handleRatingsA: ratingsOf(to, 15) }, of);
  }
}

const forms = formNames;
/** What may stand in the place of another: a pull-out only in that of a pull-out. */
const othersOf = (form: FormName) =>
  form === 'pull-out' ? [form] : forms.filter((name) => name !== 'pull-out');

describe.each(forms)('a %s, wired in every way', (form) => {
  const cases = wirings.flatMap((wiring) => works.map((work) => [wiring, work] as const));
  test.each(cases)(
    '%s, %s: nothing is lost, nothing judged twice, undo restores to the letter',
    (wiring, work) => {
      const others =
        work === 'replace' || work === 'reform'
          ? othersOf(form).filter(
              (_, index) => form === 'pull-out' || (index + wirings.indexOf(wiring)) % 5 === 0,
            )
          : [form];
      for (const to of others) {
        const here = wired(form, wiring);
        const { book } = here;
        const before = book.site;
        const entries = [...book.entries];
        const panel = before.panels[0]!;
        const device = deviceOf(panel, 'd')!;
        let made = 0;
        const recorded = doIt(work, device, to, {
          site: before,
          panel,
          newId: () => `w${(made += 1)}`,
        });
        if (form === 'pull-out' && work === 'move') {
          expect(recorded.ok).toBe(false);
          continue;
        }
        if (!recorded.ok) throw new Error(recorded.message);
        if (recorded.drafts.length > 0) book.record(recorded.drafts);

        // History: all that was recorded is there, unchanged, before what was added.
        expect(book.entries.slice(0, entries.length)).toEqual(entries);
        const { site } = book;
        const now = site.panels[0]!;
        expect(now.outOfRange).toEqual([]);
        expect(site.reader.inspection.unplaced).toEqual([]);
        expect(site.reader.inspection.conflicts).toEqual([]);
        // Wires: the same, each under a screw that is there or known to be on none.
        expect(now.conductors.map(({ id }) => id).sort()).toEqual(
          panel.conductors.map(({ id }) => id).sort(),
        );
        const landed = [...now.devices, ...now.pullOuts]
          .flatMap(({ terminals }) => terminals)
          .concat([])
          .flatMap(({ conductors }) => conductors);
        const onBars = now.bars.flatMap(({ terminals }) =>
          terminals.flatMap(({ conductors }) => conductors),
        );
        expect(landed.length + onBars.length + looseWires(now).length).toBe(now.conductors.length);
        // Neutrals and grounds stay unless they are taken along.
        if (work !== 'out with others')
          expect(onBars.map(({ id }) => id).sort()).toEqual(
            panel.bars
              .flatMap(({ terminals }) => terminals.flatMap(({ conductors }) => conductors))
              .map(({ id }) => id)
              .sort(),
          );
        // Circuits and their names are there; each screw belongs to one.
        for (const { id, name } of panel.circuits)
          expect(now.circuits.find((one) => one.id === id)?.name).toBe(name);
        const claimed = now.circuits.flatMap(({ terminals }) => terminals);
        expect(new Set(claimed).size).toBe(claimed.length);
        for (const ref of claimed) expect(now.terminals.has(ref)).toBe(true);
        expect(
          circuitsOffScrews(now).every(({ id }) => panel.circuits.some((one) => one.id === id)),
        ).toBe(true);
        // What was said of it is found where it stands now.
        const stands = [...now.devices, ...now.pullOuts].find(
          ({ id }) => id === 'd' || site.reader.value(id, 'insteadOf') === 'd',
        );
        const gone = work === 'never' || work.startsWith('out') || work === 'blank';
        expect(stands === undefined).toBe(gone);
        expect(notesOf(site)[0]!.about).toBe(stands?.id ?? 'd');
        expect(photosOf(site)[0]!.about).toBe(`${stands?.id ?? 'd'}/t1`);
        if (wiring === 'feeds' && stands)
          expect(site.reader.value('below', 'fedFrom')).toBe(stands.id);
        // Judged once at each place; an overruled finding that is still found is overruled still.
        const assessment = assess(book.entries, testSettings);
        const keys = assessment.verdicts.map(
          (verdict) => `${verdict.panel} ${verdictKey(verdict)}`,
        );
        expect(new Set(keys).size).toBe(keys.length);
        for (const finding of assessment.findings)
          if (stands && finding.key === `breaker/double-tap|${stands.id}/t1`)
            expect(finding.overrule?.reason).toBe('known');
        // The drawing: every landed wire runs to its screw, every loose one is seen.
        const { routed, geometry } = drawPanel(now, site);
        expect(routed.wires.map(({ conductor }) => conductor.id).sort()).toEqual(
          [...landed, ...onBars].map(({ id }) => id).sort(),
        );
        expect([...geometry.looseAt!.keys()].sort()).toEqual(
          looseWires(now)
            .map(({ id }) => id)
            .sort(),
        );
        // Undo: as it was, to the letter.
        if (recorded.drafts.length > 0) {
          book.undo();
          const [was, is] = [fold(entries), fold(book.entries)];
          expect(canonicalJson(plain(is))).toBe(canonicalJson(plain(was)));
        }
      }
    },
  );
});

/** Everything an inspection says, as JSON. */
const plain = ({ things, facts, unplaced, conflicts }: ReturnType<typeof fold>) =>
  JSON.parse(
    JSON.stringify({
      things: [...things],
      facts: [...facts].map(([about, values]) => [about, [...values]]),
      unplaced,
      conflicts,
    }),
  ) as never;
