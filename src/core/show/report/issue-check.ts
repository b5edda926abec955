import type { Assessment } from '../../judge/assess/assess';
import { gradeWords } from '../../vocabulary/grade';
import { countWords, reasonOf, scopeSentence } from './visit';
import { notWrittenOut, unplacedNotes } from '../../fieldwork/walk/notes';
import { thingWords } from '../../installation/panel/thing-words';
import { splitRef } from '../../record/entries/thing-types';
import { contradictionsOf } from '../../fieldwork/merging/contradictions';
import { contradictionTitle } from './contradiction-words';
import { countsAsMended } from './mended';
import { findingWords } from './finding-words';
import { stops } from './reassurance';

/** A line of the check list before a report is issued. */
export interface IssueLine {
  key: string;
  title: string;
  /** done; open: may be issued and is printed; stops: must be seen to first. */
  state: 'done' | 'open' | 'stops';
  says: string[];
}

/** Check list before signing: unplaced notes, what was not seen, grades set by hand, Danger now and whom it was told. */
export function issueCheck(assessment: Assessment): IssueLine[] {
  const { site, inspection, findings, coverage, visit, settings } = assessment;
  const left = visit.acts.filter(({ wants }) => wants.length > 0);
  const { reader } = site;
  const untold = findings.filter(({ grade, verdict, madeSafe }) => {
    const told = [
      verdict.place.ref,
      ...(verdict.place.formerly ?? []),
      splitRef(verdict.place.ref).thing,
      verdict.panel,
    ].some((ref) => reader.value(ref, 'toldWhom'));
    return grade === 'danger' && !told && !madeSafe;
  });
  const refused = findings.filter(({ overrule }) => overrule?.refused);
  const line = (key: string, title: string, says: string[], bad: 'open' | 'stops'): IssueLine => ({
    key,
    title,
    state: says.length === 0 ? 'done' : bad,
    says,
  });
  const named = (one: (typeof findings)[number]) =>
    `${one.verdict.place.label}: ${findingWords(one.verdict, 'short', settings)}`;
  return [
    line(
      'entries',
      'Something is recorded',
      findings.length === 0 && coverage.clear === 0 ? ['Nothing was seen yet.'] : [],
      'stops',
    ),
    line(
      'notes',
      'Every note has its place',
      unplacedNotes(site).map(
        ({ words, recording }) =>
          words || (recording ? `a spoken note of ${recording.seconds} s` : 'a note without words'),
      ),
      'stops',
    ),
    line(
      'spoken',
      'Every spoken note is written out',
      notWrittenOut(site).map(
        ({ about, recording }) =>
          `A spoken note of ${recording!.seconds} s${about ? ` on ${thingWords(about, site)}` : ''}: the report says nothing of it until it is written out or dismissed`,
      ),
      'stops',
    ),
    line(
      'stop',
      'A stop was told to somebody',
      stops({ site })
        .filter(({ toldWhom }) => !toldWhom)
        .map(({ name }) => `${name}: stopped at the approach; record whom you told, and when`),
      'stops',
    ),
    line(
      'danger',
      'Each Danger now was told to somebody, or made safe',
      untold.map(named),
      'stops',
    ),
    line(
      'mended',
      'What is said to be mended is shown by what was recorded',
      assessment.mended
        .filter((one) => !countsAsMended(one))
        .map(
          ({ finding, now }) =>
            `${named(finding)}: ${now === 'found' ? 'still found' : 'not seen since'}`,
        ),
      'open',
    ),
    line(
      'overrules',
      'Every grade set by hand counts',
      refused.map(
        (one) => `${named(one)}: ${gradeWords[one.overrule!.to]}, ${one.overrule!.refused}`,
      ),
      'stops',
    ),
    line(
      'scope',
      'What was agreed is recorded',
      visit.scope.recorded ? [] : [scopeSentence(visit.scope)],
      'open',
    ),
    line(
      'not-seen',
      'Everything that was agreed was looked at',
      left.length > 0
        ? [
            `${countWords(visit)} made. The report lists the rest: not seen is not fine.`,
            ...left.slice(0, 3).map((act) => {
              const reason = reasonOf(act, assessment);
              return `${act.what}: ${act.wants[0]!.say}${reason ? `. Not done: ${reason}` : ''}`;
            }),
          ]
        : [],
      'open',
    ),
    line(
      'doubts',
      'Nothing recorded contradicts itself',
      [
        ...contradictionsOf(site, []).map((one) => contradictionTitle(one, site)),
        ...inspection.unplaced.map(({ reason }) => `An entry could not be placed: ${reason}`),
      ],
      'open',
    ),
  ];
}

export const mayIssue = (lines: readonly IssueLine[]) =>
  lines.every(({ state }) => state !== 'stops');
