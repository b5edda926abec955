import { describe, expect, test } from '@jest/globals';
import { assess, drawPanel, startingSettings } from '@/core';
import { gridOf } from '@/core/show/thermal/grid';
import { canCorners, terminalTemperatures } from '@/core/show/thermal/terminal-spots';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import type { Probe } from './driver';
import { hiddenFaults, sound } from './hidden-faults';
import { chanceOf, shown } from './noise';
import { thermalPicture } from './thermal-picture';
import type { Truth } from './truth';
import { truthOf } from './truth';

const assessment = assess(lockKeepersHouse('ines').entries, startingSettings('Demo'));
const truth = (hidden = hiddenFaults['lock-keepers-house']!, off = false): Truth => {
  const answer = truthOf(assessment, hidden, off);
  if ('fault' in answer) throw new Error(answer.fault);
  return answer;
};
const at = (of: Truth, about: string, property: Probe['property']) => of.at({ about, property })!;

describe('readings from the circuit model', () => {
  test('the failing neutral shows in the legs, and they still add up', () => {
    const [a, b, ab] = [
      at(truth(), 'lock-main', 'anV'),
      at(truth(), 'lock-main', 'bnV'),
      at(truth(), 'lock-main', 'abV'),
    ];
    expect(a).toBeLessThan(110);
    expect(b).toBeGreaterThan(132);
    expect(Math.abs(a + b - ab)).toBeLessThan(1);
    expect(at(truth(sound), 'lock-main', 'anV')).toBeGreaterThan(114);
  });
  test('the joint in the boat shed shows on its ground and between neutral and ground', () => {
    expect(at(truth(), 'lock-shed', 'groundA')).toBeGreaterThan(1);
    expect(at(truth(), 'lock-shed', 'ngV')).toBeLessThan(0.01);
  });
  test('supply off: every pair dead, the proving unit still live', () => {
    const off = truth(sound, true);
    for (const property of ['deadAbV', 'deadAnV', 'deadNgV'] as const)
      expect(at(off, 'lock-main', property)).toBe(0);
    expect(at(off, 'lock-main', 'proveBeforeV')).toBeGreaterThan(100);
    expect(at(truth(sound), 'lock-main', 'deadAnV')).toBeGreaterThan(100);
  });
  test('it has nothing to say of what it cannot measure', () =>
    expect(truth().at({ about: 'lock-main', property: 'maker' })).toBeUndefined());
  test('noise: within the instrument’s accuracy, the same for the same moment', () => {
    expect(shown(120, 'V', 'x|1')).toBe(shown(120, 'V', 'x|1'));
    for (let tick = 0; tick < 200; tick += 1) {
      expect(Math.abs(shown(120, 'V', `x|${tick}`) - 120)).toBeLessThan(0.35);
      expect(chanceOf(String(tick))).toBeLessThan(1);
    }
  });
});

test('the thermal camera’s table gives the hot joint back at its breaker', () => {
  const panel = assessment.site.panels[0]!;
  const csv = thermalPicture(panel, assessment.site, truth());
  const read = gridOf(
    csv
      .trim()
      .split('\n')
      .map((line) => line.split(',')),
  );
  if (!read.ok) throw new Error(read.fault);
  const { grid } = read;
  const { geometry } = drawPanel(panel, assessment.site);
  const temperatures = terminalTemperatures(
    grid,
    {
      picture: [
        { x: 6, y: 6 },
        { x: grid.width - 6, y: grid.height - 6 },
      ],
      drawing: canCorners(geometry),
    },
    panel,
    geometry,
  );
  const hottest = temperatures.reduce((a, b) => (b.c > a.c ? b : a));
  expect(temperatures.length).toBe(panel.devices.flatMap(({ terminals }) => terminals).length);
  expect(hottest.terminal.label).toBe('15');
});
