import { describe, expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { properties } from '.';
import type { PropertyName, PropertySpec } from '.';
import { acts } from './spec';

const core = join(process.cwd(), 'src', 'core');
const others = ['stand-ins', 'ui', 'server'].map((part) => join(process.cwd(), 'src', part));

function sources(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory())
      return entry.name === 'properties' || entry.name === 'testing' || entry.name === 'demo'
        ? []
        : sources(path);
    return /\.tsx?$/.test(entry.name) && !/\.(test|cases)\.tsx?$/.test(entry.name)
      ? [readFileSync(path, 'utf8')]
      : [];
  });
}

const inCore = sources(core).join('\n');
const outside = others.flatMap(sources).join('\n');
const names = (text: string, name: string) =>
  new RegExp(`['"\`.]${name}\\b|\\b${name}:`).test(text);

/** Recorded for people, or read by the interface alone, with the reason. */
const notRead: Readonly<Record<string, string>> = {};

describe('every property', () => {
  test.each(Object.entries(properties) as [PropertyName, PropertySpec][])(
    '%s: has an act',
    (_, spec) => expect(['none', ...Object.keys(acts)]).toContain(spec.act),
  );
  test('is read by a rule, a computation or the report, or says why not', () => {
    const unread = (Object.keys(properties) as PropertyName[]).filter(
      (name) => !names(inCore, name) && !names(outside, name) && notRead[name] === undefined,
    );
    expect(unread).toEqual([]);
  });
});
