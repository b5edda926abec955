import type { Block } from './block';
import { clock, item, items, part, table } from './say';
import type { Source } from './sheet';

/** Settings it was graded by, then every entry by whom and when. */
export const record = ({ record: whole }: Source): Block[] =>
  whole
    ? [
        {
          kind: 'page',
          blocks: [
            ...part(
              'settings',
              'Settings it was graded by',
              items(...whole.settings.map(({ term, says }) => item(term, says))),
            ),
            ...part('entries', `Every entry: ${whole.lines.length}`, [
              table(
                'Every entry',
                [
                  ['!When', 2],
                  ['Who, on what', 2.4],
                  ['About', 2.4],
                  ['Says', 5],
                  ['!Entry', 2],
                ],
                whole.lines.map(({ at, by, device, about, says, id }) => [
                  clock(at),
                  `${by}, ${device}`,
                  about,
                  says,
                  id,
                ]),
              ),
            ]),
          ],
        },
      ]
    : [];
