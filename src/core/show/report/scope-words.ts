import type { Assessment } from '../../judge/assess/assess';
import type { School } from '../../codes/settings/settings';
import { scopeSentence } from './visit';
import { symptomsSentence } from './told';

/** What a school does, for who never heard of one. */
const schoolSentences: Readonly<Record<School, string>> = {
  'by-the-label':
    'Graded the cautious way: signs of trouble raise a grade, nothing lowers one, and what the label of the equipment does not allow is at least a Repair.',
  'by-the-evidence':
    'Graded by what was seen here: signs of trouble raise a grade, and an old condition without any sign of trouble is graded lower.',
  'by-the-calendar':
    'Graded by what was seen here and by the calendar: what is sound but old gets the date of the next planned work, the sale or the end of its life.',
};

export const schoolSentence = (school: School): string => schoolSentences[school];

/** What was agreed, what was told, how it is graded and what it is held against. */
export const scopeWords = (assessment: Assessment): string[] => [
  scopeSentence(assessment.visit.scope),
  symptomsSentence(assessment),
  schoolSentences[assessment.settings.school],
  `Held against: ${assessment.yardstick.title}. Local code, the authority and the label of the equipment come before it.`,
];
