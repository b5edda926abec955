import assert from 'node:assert/strict';
import { median } from 'd3-array';
import { assess } from '@/core/assess';
import { scenesOf } from '@/core/examine/examine';
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
