import type { Assessment } from '../../judge/assess/assess';
import { slotGroups } from '../../fieldwork/bench/slots';
import { readingsOf } from '../../fieldwork/bench/verdict';
import type { ReadingVerdict } from '../../fieldwork/bench/verdict';
import { propertySpec } from '../../record/entries/properties';

/** A reading in the report: the figure, what it says, its limits, by whom, when, with what. */
export interface ReportReading {
  panelName: string;
  group: string;
  words: string;
  value: string;
  level: ReadingVerdict['level'];
  verdict: string;
  limits: string | undefined;
  by: string;
  at: string;
  instrument: string;
}

export const levelWords: Record<ReadingVerdict['level'], string> = {
  unread: 'Not read',
  good: 'Good',
  look: 'Look',
  bad: 'Bad',
  again: 'Read again',
  'on-record': 'On record',
};

/** Every reading taken, in the order of the bench. */
export function reportReadings(
  assessment: Assessment,
  nameOf: (author: string) => string,
): ReportReading[] {
  return assessment.site.panels.flatMap((panel) => {
    const groups = slotGroups(assessment, panel);
    const { reader } = assessment.site;
    const taken = groups.some(({ slots }) =>
      slots.some(({ about, property }) => reader.fact(about, property)),
    );
    if (!taken) return [];
    const readingOf = readingsOf(assessment, panel);
    return groups.flatMap(({ title, slots }) =>
      slots.flatMap((slot): ReportReading[] => {
        const { fact, taking, verdict } = readingOf(slot);
        if (!fact || !taking) return [];
        const choices = propertySpec(slot.property)?.choices;
        return [
          {
            panelName: panel.name,
            group: title,
            words: slot.words,
            value: choices
              ? (choices[String(fact.value)] ?? String(fact.value))
              : `${String(fact.value)} ${slot.unit}`.trim(),
            level: verdict.level,
            verdict: verdict.words,
            limits: slot.limits && `${slot.limits.words} (${slot.limits.source})`,
            by: nameOf(taking.author),
            at: taking.at,
            instrument: taking.instrumentWords ?? 'instrument not recorded',
          },
        ];
      }),
    );
  });
}
