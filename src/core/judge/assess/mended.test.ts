import { describe, expect, test } from '@jest/globals';
import { bench, testSettings } from '../../testing/bench';
import { add, observe } from '../../fieldwork/recording/draft';
import { deviceAt } from '../../fieldwork/recording/device-at';
import { replaceDevice } from '../../fieldwork/recording/replace-device';
import { takeOutWire } from '../../fieldwork/recording/loose-wires';
import { assess } from './assess';
import { follow } from './follow';
import { openMend } from './mended';

/** A doubled wire at 7, an opening at 8 with live metal, a loose screw at 5. */
function found() {
  const here = bench().lines('5 20 12cu m1 !loose porch', '7 20 12cu+12cu m1 kitchen', '8 open!');
  const panel = here.book.site.panels[0]!;
  const double = `breaker/double-tap|${deviceAt(panel, 7)!.terminals[0]!.ref}`;
  const open = `enclosure/open-position|${panel.positions.find(({ number }) => number === 8)!.ref}`;
  return { ...here, double, open };
}

const mend = (id: string, of: string) =>
  add('mend', id, 'site', { mendOf: [of], mendedBy: 'Ines Marrable', mendHow: 'blank fitted' });
const step = (here: ReturnType<typeof found>, id: string) =>
  observe(here.book.site.reader, id, { mendStep: true });

describe('mended on the visit', () => {
  test('the finding stays as it was found, and is closed as judged now', () => {
    const here = found();
    const before = here.assess();
    here.book.record([mend('m', here.open)]);
    here.book.record([
      observe(here.book.site.reader, here.open.split('|')[1]!, {
        opening: 'blanked',
        liveMetalInPlane: false,
      }),
      step(here, 'm'),
    ]);
    const now = here.assess();
    expect(now.findings.map(({ key }) => key)).not.toContain(here.open);
    expect(
      now.mended.map(({ finding, now: state, mend: by }) => [finding.key, state, by.by]),
    ).toEqual([[here.open, 'mended', 'Ines Marrable']]);
    expect(now.asFound!.findings).toEqual(before.findings);
  });

  test('what is said to be mended and is still there is found still', () => {
    const here = found();
    here.book.record([mend('m', here.open)]);
    const now = here.assess();
    expect(now.findings.map(({ key }) => key)).toContain(here.open);
    expect(now.mended.map(({ now: state }) => state)).toEqual(['found']);
  });

  test('what was recorded after but does not show it is not seen, not mended', () => {
    const here = found();
    here.book.record([mend('m', here.double)]);
    const device = deviceAt(here.book.site.panels[0]!, 7)!;
    const [, second] = device.terminals[0]!.conductors;
    const taken = takeOutWire(second!, false, {
      site: here.book.site,
      panel: here.book.site.panels[0]!,
      newId: () => 'n1',
    });
    if (!taken.ok) throw new Error(taken.message);
    here.book.record([...taken.drafts, step(here, 'm')]);
    expect(here.assess().mended.map(({ now }) => now)).toEqual(['mended']);
    here.book.undo();
    const { site } = here.book;
    const panel = site.panels[0]!;
    const other = replaceDevice(
      device,
      { handleRatingsA: [20] },
      { site, panel, newId: () => 'n2' },
    );
    if (!other.ok) throw new Error(other.message);
    here.book.record([...other.drafts, step(here, 'm')]);
    expect(here.assess().mended.map(({ now }) => now)).toEqual(['not-seen']);
  });

  test('a device put in another’s place closes the finding there; readings after are the mend’s', () => {
    const here = found();
    here.book.record([mend('m', here.double)]);
    const site = here.book.site;
    const panel = site.panels[0]!;
    const old = deviceAt(panel, 7)!;
    const replaced = replaceDevice(
      old,
      { handleRatingsA: [20], terminalTakes: 2 },
      { site, panel, newId: () => 'new1' },
    );
    if (!replaced.ok) throw new Error(replaced.message);
    here.book.record([...replaced.drafts, step(here, 'm')]);
    here.book.record([
      observe(here.book.site.reader, 'new1/t1', { torqueNm: 2.3 }),
      step(here, 'm'),
    ]);
    const { mended, asFound } = here.assess();
    expect(mended.map(({ now }) => now)).toEqual(['mended']);
    expect(mended[0]!.mend.readings.map(({ property }) => property)).toEqual(['torqueNm']);
    expect(deviceAt(asFound!.site.panels[0]!, 7)!.id).toBe(old.id);
  });

  test('by action, not by time: what is recorded later of what was found belongs to it', () => {
    const here = found();
    here.book.record([mend('m', here.open)]);
    here.book.record([
      observe(here.book.site.reader, here.open.split('|')[1]!, {
        opening: 'blanked',
        liveMetalInPlane: false,
      }),
      step(here, 'm'),
    ]);
    here.book.observe('m', { mendDone: true });
    here.lines('9 20 14cu hall');
    here.book.observe(here.open.split('|')[1]!, { opening: 'covered' });
    const { asFound } = here.assess();
    expect(asFound!.findings.map(({ key }) => key)).toContain(here.open);
    expect(asFound!.inspection.conflicts).toEqual([]);
    expect(deviceAt(asFound!.site.panels[0]!, 9)).toBeDefined();
  });

  test('a mend undone leaves no trace; redone it stands', () => {
    const here = found();
    const before = here.assess();
    here.book.record([mend('m', here.open)]);
    here.book.undo();
    expect(here.assess().findings).toEqual(before.findings);
    expect(here.assess().mended).toEqual([]);
    here.book.redo();
    expect(here.assess().mended).toHaveLength(1);
  });

  test('followed step by step it is the same as judged at once', () => {
    const here = found();
    here.book.record([mend('m', here.open)]);
    let followed = follow([...here.book.entries], testSettings);
    here.book.record([
      observe(here.book.site.reader, here.open.split('|')[1]!, {
        opening: 'blanked',
        liveMetalInPlane: false,
      }),
      step(here, 'm'),
    ]);
    followed = follow([...here.book.entries], testSettings, followed);
    const whole = assess(here.book.entries, testSettings);
    const told = ({ mended }: typeof whole) =>
      mended.map(({ finding, now, mend: { id } }) => [finding.key, finding.grade, now, id]);
    expect(told(followed.assessment)).toEqual(told(whole));
    expect(told(whole)).toHaveLength(1);
  });

  test('the mend in hand is this member’s on this device, until it is done', () => {
    const here = found();
    const open = (member: string, device: string) =>
      openMend(here.book.site.reader, here.book.entries, { member, device });
    here.book.record([mend('m', here.open)]);
    expect(open('ines', 'tablet')).toBe('m');
    expect(open('ines', 'phone')).toBeUndefined();
    expect(open('joss', 'tablet')).toBeUndefined();
    here.book.observe('m', { mendDone: true });
    expect(open('ines', 'tablet')).toBeUndefined();
  });
});
