import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';

/** Relative luminance by WCAG 2.2. @param hex #rrggbb */
function luminance(hex: string): number {
  const [red, green, blue] = [1, 3, 5].map((at) => {
    const share = parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}
/** Contrast of two colours, 1 to 21. */
function contrast(a: string, b: string): number {
  const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

const css = readFileSync('src/app/globals.css', 'utf8');
const themes = Object.fromEntries(
  [...css.matchAll(/(?::root|\[data-theme='(\w+)'\]) \{([^}]*)\}/g)].map(([, name, body]) => [
    name ?? 'light',
    Object.fromEntries(
      [...body!.matchAll(/--([\w-]+): (#[0-9a-f]{6});/g)].map(([, token, hex]) => [token!, hex!]),
    ),
  ]),
);
const words = ['ink', 'ink2', 'ink3', 'accent', 'danger', 'urgent', 'repair', 'plan', 'note'];

test('contrast is counted as the standard’s own examples are', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
  expect(contrast('#767676', '#ffffff')).toBeCloseTo(4.54, 2);
});
test('the themes are three', () => expect(Object.keys(themes)).toEqual(['light', 'dark', 'sun']));

describe.each(Object.keys(themes))('in the theme %s', (theme) => {
  const colour = themes[theme]!;
  test.each(words.flatMap((word) => ['app', 'sheet'].map((ground) => [word, ground] as const)))(
    '%s can be read on %s',
    (word, ground) => expect(contrast(colour[word]!, colour[ground]!)).toBeGreaterThanOrEqual(4.5),
  );
  test.each([
    ['on-accent', 'accent'],
    ['on-danger', 'danger'],
  ])('%s can be read on %s', (word, ground) =>
    expect(contrast(colour[word]!, colour[ground]!)).toBeGreaterThanOrEqual(4.5),
  );
  test('a field’s edge is seen', () =>
    expect(contrast(colour.line!, colour.sheet!)).toBeGreaterThanOrEqual(3));
});

test('no component has a colour of its own: text and ground come from the theme', () => {
  const files = readdirSync('src/ui', { recursive: true, encoding: 'utf8' }).filter(
    (name) => name.endsWith('.tsx') && !name.startsWith('drawing'),
  );
  const known = [...words, 'on-accent', 'on-danger', 'hair', 'line', 'app', 'sheet', 'transparent'];
  const strange = files.flatMap((name) => {
    const text = readFileSync(`src/ui/${name}`, 'utf8');
    const used = [
      ...text.matchAll(
        /(?:text|bg)-\[(#[^\]]+|var\(--[^)]+\))\]|style=\{\{[^}]*color: '(#[^']+)'/g,
      ),
    ].map(([, a, b]) => a ?? b!);
    return used
      .filter((one) => !known.some((token) => one === `var(--${token})`))
      .map((one) => `${name}: ${one}`);
  });
  expect(strange).toEqual([]);
});
