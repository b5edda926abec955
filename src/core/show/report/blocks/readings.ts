import { levelWords } from '../readings';
import type { Block } from './block';
import { clock, item, items, part, quiet, strong } from './say';
import type { Source } from './sheet';
import { clockDay } from '../dates';

/** Every reading with its limits, author and instrument. */
export const readings = ({ report }: Source): Block[] =>
  part(
    'readings',
    'Readings',
    items(
      ...report.readings.map((one) =>
        item(
          `${one.panelName}, ${one.words}`,
          strong(one.value),
          `. ${levelWords[one.level]}${same(one) ? '' : `: ${one.verdict}`}.`,
          quiet(
            `${one.limits ? ` Limits: ${one.limits}.` : ''} ${one.by}, ${clock(one.at)}, ${one.instrument}.`,
          ),
        ),
      ),
    ),
  );

const same = ({ level, verdict }: Source['report']['readings'][number]) =>
  verdict.toLowerCase() === levelWords[level].toLowerCase();

/** What was tried in the circuit model. */
export const whatIfs = ({ report }: Source): Block[] =>
  part(
    'what-ifs',
    'What would happen, calculated',
    items(
      ...report.whatIfs.map(({ name, says, finding, by, at }) =>
        item(
          `${name}${finding === undefined ? '' : `, for finding ${finding}`}`,
          says,
          quiet(` Kept by ${by}, ${clockDay(at)}.`),
        ),
      ),
    ),
  );
