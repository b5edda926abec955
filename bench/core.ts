import assert from 'node:assert/strict';
import { median } from 'd3-array';
import { assess, follow } from '@/core';
import { scenesOf } from '@/core/judge/examine/examine';
import { highestCounter, observe, stamp } from '@/core/fieldwork/recording/draft';
import { testSettings } from '@/core/testing/bench';
import { fullPanelEntries } from './full-panel';
import { answersOfEngine, answersOfRules, flatPlaces, generalEngine } from './shared-checks';
import { timesInWords, timesOf } from './timing';

/** Assess of a full panel; then ten checks on the same facts against a general rule engine. */
const entries = fullPanelEntries();
const first = assess(entries, testSettings);
console.log(
  `Full panel: 84 positions, ${entries.length} entries, ${first.verdicts.length} checks, ${first.findings.length} findings`,
);
console.log(
  `  assess, entries to findings: ${timesInWords(await timesOf(() => assess(entries, testSettings)))}`,
);

/** One more observation each time, as a visit goes on: what the walk does at every touch. */
const looks = ['heatMark', 'moisture', 'melted', 'liveReachable'] as const;
const grown = [...entries];
let counter = highestCounter(entries);
let followed = follow(grown, testSettings);
const panelId = first.site.panels[0]!.id;
const positions = first.site.panels[0]!.positions;
const growing = await timesOf(() => {
  const at = grown.length - entries.length;
  const about = positions[at % positions.length]!.ref;
  const property = looks[Math.floor(at / positions.length) % looks.length]!;
  const [entry] = stamp([observe(followed.site.reader, about, { [property]: at % 40 === 0 })], {
    newId: () => `more-${(counter += 1)}`,
    device: 'bench',
    author: 'bench',
    at: '2026-04-14T12:00:00+01:00',
    counter,
  });
  grown.push(entry!);
  const now = [...grown];
  followed = follow(now, testSettings, followed);
});
assert.deepEqual(
  followed.assessment.findings.map(({ key, grade }) => [key, grade]),
  assess(grown, testSettings).findings.map(({ key, grade }) => [key, grade]),
  `followed and anew give the same of ${panelId}`,
);
console.log(
  `  assess warm, after one more entry (${grown.length - entries.length} times on, same findings as anew): ${timesInWords(growing)}`,
);

const { site, yardstick, settings } = first;
const panel = site.panels[0]!;
const scene = scenesOf(site, yardstick, settings).get(panel.id)!;
const engine = generalEngine();
const places = flatPlaces(site, panel, yardstick.workingDepth.mm);
const answers = answersOfRules(scene);
assert.deepEqual(await answersOfEngine(engine, places), answers, 'both give the same answers');
assert.ok(answers.length > 40, 'enough of them fire to mean something');
console.log(`Ten shared checks, the same facts, the same ${answers.length} findings on both sides`);
const ours = await timesOf(() => answersOfRules(scene));
const theirs = await timesOf(() => answersOfEngine(engine, places), { warmUp: 3, runs: 20 });
console.log(`  our rules: ${timesInWords(ours)}`);
console.log(`  general rule engine: ${timesInWords(theirs)}`);
console.log(`  ratio: ${(median(theirs)! / median(ours)!).toFixed(0)} times`);
