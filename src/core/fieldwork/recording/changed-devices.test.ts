import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { readRulings } from '../../judge/grading/rulings';
import { photosOf } from '../walk/photos';
import type { Recorded, RecordingBench } from './recording-bench';
import { add } from './draft';
import { moveDevice } from './move-device';
import { replaceDevice } from './replace-device';
import { reformDevice } from './reform-device';
import { takeOutDevice } from './take-out-device';
import { circuitsOffScrews, landWire, loosenWire, looseWires, spliceWire } from './loose-wires';
import { drawPanel } from '../../show/drawing/draw-panel';
import { deviceAt } from './device-at';

let made = 0;
export function hand({ book }: Bench): RecordingBench {
  const { site } = book;
  made += 1;
  let next = 0;
  return { site, panel: site.panels[0]!, newId: () => `h${made}-${(next += 1)}` };
}
const done = (of: Bench, recorded: Recorded) => {
  if (!recorded.ok) throw new Error(recorded.message);
  of.book.record(recorded.drafts);
  return of.book.site.panels[0]!;
};
const at = (of: Bench, number: number) => deviceAt(of.book.site.panels[0]!, number)!;

describe('a wired breaker', () => {
  const kitchen = () =>
    bench().lines('7 20 12cu:b n3 g4 kitchen', '9+11 30 10cu:b/10cu:r n5 g6 dryer');

  test('moved: keeps its wires, its name and its screws', () => {
    const here = kitchen();
    const before = at(here, 7);
    const panel = done(here, moveDevice(before, { number: 14 }, hand(here)));
    const now = deviceAt(panel, 14)!;
    expect(now.id).toBe(before.id);
    expect(now.terminals[0]!.conductors.map(({ id }) => id)).toEqual(
      before.terminals[0]!.conductors.map(({ id }) => id),
    );
    expect(now.terminals[0]!.circuit?.name).toBe('Kitchen');
    expect(deviceAt(panel, 7)).toBeUndefined();
    expect(looseWires(panel)).toEqual([]);
  });

  test.each([
    [9, 'position 9 already holds breaker 9+11'],
    [99, 'there is no position 99'],
  ])('moved to %i: refused, naming the place', (number, message) => {
    const here = kitchen();
    const recorded = moveDevice(at(here, 7), { number }, hand(here));
    if (recorded.ok) expect(() => here.book.record(recorded.drafts)).toThrow(message);
    else expect(recorded.message).toBe(message);
  });

  test('a two-pole needs room below it', () => {
    const here = kitchen();
    expect(moveDevice(at(here, 9), { number: 23 }, hand(here))).toEqual({
      ok: false,
      message: '9+11 takes 2 positions, and below 23 there are not as many',
    });
  });

  test('taken out: its wires are there, on no screw; neutral and ground stay', () => {
    const here = kitchen();
    const before = here.book.site.panels[0]!.conductors.map(({ id }) => id);
    const panel = done(here, takeOutDevice(at(here, 7), { leaves: 'blanked' }, hand(here)));
    expect(deviceAt(panel, 7)).toBeUndefined();
    expect(panel.conductors.map(({ id }) => id)).toEqual(before);
    expect(looseWires(panel)).toHaveLength(1);
    expect(circuitsOffScrews(panel).map(({ name }) => name)).toEqual(['Kitchen']);
    expect(panel.bars[0]!.terminals[2]!.conductors).toHaveLength(1);
    expect(panel.positions.find((one) => one.number === 7)!.opening?.value).toBe('blanked');
    expect(panel.outOfRange).toEqual([]);
  });

  test('taken out with its neutral and ground', () => {
    const here = kitchen();
    here.facts({ conductorCount: 1 }, 'nbar/t3');
    const panel = done(here, takeOutDevice(at(here, 7), { withOthers: true }, hand(here)));
    expect(looseWires(panel)).toHaveLength(3);
    expect(here.book.site.reader.value('nbar/t3', 'conductorCount')).toBe(0);
  });

  test('a wire loosened, capped and landed again takes its circuit along', () => {
    const here = kitchen();
    let panel = done(here, takeOutDevice(at(here, 7), {}, hand(here)));
    here.lines('8 15');
    panel = here.book.site.panels[0]!;
    panel = done(here, landWire(looseWires(panel)[0]!, at(here, 8).terminals[0]!.ref, hand(here)));
    expect(deviceAt(panel, 8)!.terminals[0]!.circuit?.name).toBe('Kitchen');
    const wire = deviceAt(panel, 8)!.terminals[0]!.conductors[0]!;
    panel = done(here, loosenWire(wire, 'capped', hand(here)));
    expect(looseWires(panel).map(({ id }) => id)).toEqual([wire.id]);
    expect(here.book.site.reader.value(wire.id, 'endState')).toBe('capped');
  });

  test('joined in the panel: a short wire goes on, the drawing starts it at the joint', () => {
    const here = kitchen();
    const [wire] = at(here, 7).terminals[0]!.conductors;
    const panel = done(here, spliceWire(wire!, hand(here)));
    const [beyond] = deviceAt(panel, 7)!.terminals[0]!.conductors;
    expect(beyond!.id).not.toBe(wire!.id);
    expect(looseWires(panel).map(({ id, splicedTo }) => [id, splicedTo])).toEqual([
      [wire!.id, beyond!.id],
    ]);
    const { routed, geometry } = drawPanel(panel, here.book.site);
    const run = routed.wires.find(({ conductor }) => conductor.id === beyond!.id)!;
    expect(run.points[0]).toEqual(geometry.looseAt!.get(wire!.id));
    expect(routed.jackets).toHaveLength(2);
  });

  test('replaced: a new thing in its place; overrule, photo and shared neutral follow', () => {
    const here = bench().lines('7 20 12cu+12cu m1 kitchen', '5 20 12cu bath', '5 ~7');
    const old = at(here, 7);
    here.book.record([
      add('ruling', 'r1', 'site', {
        finding: `breaker/double-tap|${old.terminals[0]!.ref}`,
        overruledTo: 'note',
        overruleReason: 'listed for two',
      }),
      add('photo', 'p1', 'site', {
        digest: 'a'.repeat(64),
        pictureWidth: 4,
        pictureHeight: 3,
        aboutThing: old.terminals[0]!.ref,
      }),
    ]);
    const panel = done(
      here,
      replaceDevice(old, { handleRatingsA: [15], maker: 'Tarnholt', terminalTakes: 1 }, hand(here)),
    );
    const now = deviceAt(panel, 7)!;
    expect(now.id).not.toBe(old.id);
    expect(now.terminals[0]!.conductors).toHaveLength(2);
    expect(now.terminals[0]!.circuit?.name).toBe('Kitchen');
    expect(here.book.site.reader.value(now.terminals[0]!.ref, 'conductorCount')).toBe(2);
    expect(panel.multiwires[0]!.hots.map(({ label }) => label).sort()).toEqual(['5', '7']);
    const finding = here
      .assess()
      .findings.find(({ verdict }) => verdict.rule.id === 'breaker/double-tap');
    expect(finding?.overrule?.reason).toBe('listed for two');
    expect([...readRulings(here.book.site.reader).keys()]).toEqual([
      `breaker/double-tap|${now.terminals[0]!.ref}`,
    ]);
    expect(photosOf(here.book.site)[0]!.about).toBe(now.terminals[0]!.ref);
  });

  test('replaced by a single pole: the second wire of a two-pole is on no screw', () => {
    const here = kitchen();
    const panel = done(
      here,
      replaceDevice(at(here, 9), { form: 'single-pole', handleRatingsA: [30] }, hand(here)),
    );
    expect(looseWires(panel).map(({ colour }) => colour?.value)).toEqual(['red']);
    expect(deviceAt(panel, 9)!.label).toBe('9');
  });

  test('a two-pole that is a tandem after all: two circuits, the first keeps the name', () => {
    const here = kitchen();
    const panel = done(
      here,
      reformDevice(at(here, 9), { form: 'tandem', handleRatingsA: [15, 15] }, hand(here)),
    );
    const now = deviceAt(panel, 9)!;
    expect(now.terminals.map(({ circuit }) => circuit?.name)).toEqual(['Dryer', undefined]);
    expect(new Set(now.terminals.map(({ circuit }) => circuit?.id)).size).toBe(2);
    expect(panel.outOfRange).toEqual([]);
  });
});
