import type { ReportDirectory } from './report';

const howWords = { traced: 'traced', recorded: 'as recorded, not traced', unknown: 'not known' };

/** A line of the directory: breaker, rating, what it feeds, how that is known. */
export const directoryWords = ({
  label,
  ratingA,
  feeds,
  how,
}: ReportDirectory['lines'][number]): string[] => [
  label,
  ratingA === undefined ? 'not read' : `${ratingA} A`,
  feeds ?? 'not known',
  howWords[how],
];
