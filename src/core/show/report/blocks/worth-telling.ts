import type { Block } from './block';
import { item, items, part, quiet } from './say';
import type { Source } from './sheet';

/** Clear answers somebody may be told the opposite of, or that end when something is changed. */
export const worthTelling = ({ report }: Source): Block[] =>
  part(
    'as-it-should-be',
    'Looked at, and as it should be',
    items(
      ...report.worthTelling.map(({ title, places, says }) =>
        item(title, says, quiet(` ${places.join(', ')}.`)),
      ),
    ),
  );
