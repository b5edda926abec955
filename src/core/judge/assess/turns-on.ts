import type { Conflict } from '../../record/entries/inspection';
import { FactReader } from '../../record/entries/fact-reader';
import { canonicalJson } from '../../vocabulary/canonical';
import { readSite } from '../../installation/panel/site-view';
import { examineScenes, scenesOf } from '../examine/examine';
import type { Finding } from '../grading/finding';
import { judge } from '../grading/judge';
import type { Assessment } from './assessment';

/**
 * What is found only if one value of a conflict is so, and not if another is: by the value in canonical JSON, the
 * gravest first as they are judged. Other conflicts stand as they are shown.
 */
export function findingsTurningOn(
  { site, yardstick, settings }: Assessment,
  { about, property, facts }: Conflict,
): ReadonlyMap<string, readonly Finding[]> {
  const found = new Map<string, readonly Finding[]>();
  facts.forEach(({ value }, index) => {
    const key = canonicalJson(value);
    if (found.has(key)) return;
    const choice = new Map([[`${about}|${property}`, index]]);
    const so = readSite(FactReader.wholeOf(site.reader), choice);
    const scenes = scenesOf(so, yardstick, settings);
    found.set(key, judge({ site: so, scenes, ...examineScenes(scenes) }));
  });
  const asGrave = ({ key, grade }: Finding) => `${key} ${grade}`;
  const everywhere = [...found.values()].map((all) => new Set(all.map(asGrave)));
  return new Map(
    [...found].map(([key, all]) => [
      key,
      all.filter((one) => !everywhere.every((keys) => keys.has(asGrave(one)))),
    ]),
  );
}
