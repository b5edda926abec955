import { keepAway } from '../cautions';
import { directoryWords } from '../directory-words';
import type { Block } from './block';
import { item, itemIf, items, paragraph, part, strong, table } from './say';
import type { Source } from './sheet';

/** To hang beside the panel: how to shut off, and what stays live. */
export const shutOffCard = ({ report }: Source): Block[] =>
  report.shutOff.length === 0
    ? []
    : [
        {
          kind: 'page',
          blocks: part('shut-off', 'Shut-off card', [
            ...paragraph(
              `Print it and keep it by the panel. Stand on a dry floor, use the handles only, leave every cover on. ${keepAway}`,
            ),
            ...report.shutOff.map(({ panelName, how, staysLive }): Block => ({
              kind: 'callout',
              blocks: [
                { kind: 'heading', level: 3, text: panelName },
                ...how.flatMap((line) => paragraph(strong(line))),
                ...items(item('Stays live all the same', `${staysLive}.`)),
              ],
            })),
            ...mustStayOn(report),
          ]),
        },
      ];

/** What must stay on while others work, as told. */
export const mustStayOn = ({ staysOn }: Source['report']): Block[] =>
  items(...itemIf('Must stay on, as told', staysOn));

/** What each breaker feeds. */
export const directory = ({ report }: Source): Block[] =>
  report.directories
    .filter(({ lines }) => lines.length > 0)
    .flatMap(({ panel, panelName, lines }) =>
      part(`directory-${panel}`, `Circuit directory, ${panelName}`, [
        table(
          `Circuit directory, ${panelName}`,
          [
            ['Breaker', 1],
            ['Rating', 1],
            ['Feeds', 6],
            ['Known by', 2],
          ],
          lines.map(directoryWords),
        ),
      ]),
    );
