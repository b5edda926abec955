import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import type { FlowNode } from '../../model/simulation/flow';
import { layOutFeeds } from '../../model/simulation/lay-out-feeds';
import { grammarCard } from '../../record/shorthand/card';
import { parseLine } from '../../record/shorthand/parse';
import { drawPanel } from './draw-panel';
import { marginIn, marginLabels } from './margin-labels';

const labels = (...lines: string[]) => {
  const { site } = bench().lines(...lines).book;
  const [panel] = site.panels;
  const { geometry } = drawPanel(panel!, site);
  return { geometry, shapes: marginLabels(panel!, geometry) };
};
const texts = ({ shapes }: ReturnType<typeof labels>) =>
  shapes.flatMap((shape) => (shape.kind === 'text' ? [shape] : []));

describe('the directory in the margins', () => {
  test('number, wire and name of each breaker; an unrecorded position says so', () => {
    const words = texts(labels('7 20 12cu kitchen')).map(({ text }) => text);
    expect(words).toEqual(expect.arrayContaining(['7', '12 Cu', 'Kitchen', 'not recorded']));
  });
  test('a breaker of two positions is told once', () => {
    const words = texts(labels('9+11 30 10cu dryer')).map(({ text }) => text);
    expect(words.filter((one) => one === 'Dryer')).toHaveLength(1);
    expect(words).toContain('9+11');
  });
  test('halves of a tandem share a line', () => {
    const words = texts(labels('13 t15/15 14cu+14cu hall / bath')).map(({ text }) => text);
    expect(words.some((one) => /hall/i.test(one) && /bath/i.test(one))).toBe(true);
  });
  test('names are mirrored outward, and end within the margin', () => {
    const long = 'a very long name of a circuit that nobody could print in a margin at all';
    const made = labels(`7 20 12cu "${long}"`, '8 20 12cu right');
    const [left, right] = ['7', '8'].map((number) =>
      texts(made).find(({ text }) => text === number),
    );
    expect(left!.anchor).toBe('end');
    expect(right!.anchor).toBe('start');
    const clipped = texts(made).find(({ text }) => /^a very/i.test(text))!;
    expect(clipped.text.endsWith('…')).toBe(true);
    for (const { x } of texts(made)) {
      expect(x).toBeGreaterThan(-marginIn - 0.2);
      expect(x).toBeLessThan(made.geometry.width + marginIn + 0.2);
    }
  });
  test('the leader of what nobody recorded is dashed', () => {
    const paths = labels('7 20').shapes.flatMap((shape) => (shape.kind === 'path' ? [shape] : []));
    expect(paths.some(({ dashed }) => dashed)).toBe(true);
    expect(paths.some(({ dashed }) => !dashed)).toBe(true);
  });
});

describe('the grammar card', () => {
  const [panel] = bench().book.site.panels;
  test('tells something of every row, each once', () => {
    const rows = grammarCard.flatMap(({ rows: some }) => some);
    expect(rows.length).toBeGreaterThan(15);
    for (const [form, meaning] of rows) {
      expect(form.trim()).not.toBe('');
      expect(meaning.length).toBeGreaterThan(2);
    }
    expect(new Set(rows.map(([form]) => form)).size).toBe(rows.length);
  });
  test('the line its first rows describe is read', () =>
    expect(parseLine('7 20 12cu kitchen left ; rust on the screw', panel!).faults).toEqual([]));
});

describe('parts of the supply laid out', () => {
  const node = (id: string, from: string, fromService = false) =>
    ({ feed: { id, from, fromService } }) as FlowNode;

  test('each stands below what feeds it, and no two in one place', () => {
    const { placed, width, height } = layOutFeeds([
      node('main', 'service', true),
      node('shed', 'main'),
      node('flat', 'main'),
      node('other', 'second', true),
    ]);
    const at = new Map(placed.map((one) => [one.id, one]));
    expect([...at.keys()].sort()).toEqual(['flat', 'main', 'other', 'second', 'service', 'shed']);
    for (const [id, above] of [
      ['main', 'service'],
      ['shed', 'main'],
      ['flat', 'main'],
      ['other', 'second'],
    ]) {
      expect(at.get(id!)!.parent).toBe(at.get(above!));
      expect(at.get(id!)!.y).toBe(at.get(above!)!.y + 1);
    }
    expect(new Set(placed.map(({ x, y }) => `${x} ${y}`)).size).toBe(placed.length);
    expect({ width, height }).toEqual({ width: 3, height: 3 });
  });
  test('nothing takes no room', () =>
    expect(layOutFeeds([])).toEqual({ placed: [], width: 0, height: 0 }));
});
