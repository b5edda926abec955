import { sizeWords } from '../../installation/panel/words';
import type { Assumption } from './assumptions';
import type { SiteNetwork } from './site-network';

/** What a computed sentence turns on that nobody recorded, in words. */
export const assumedWords = (
  { assumptions, sizes }: Pick<SiteNetwork, 'assumptions' | 'sizes'>,
  about: string,
  counts: (one: Assumption) => boolean = () => true,
): string[] => [
  ...sizes
    .filter(({ id, assumed }) => id === about && assumed !== 'nothing')
    .map(
      ({ words, size, metal, assumed }) =>
        `${words}: ${sizeWords(size, metal)}, ${assumed} not recorded`,
    ),
  ...assumptions
    .filter((one) => one.about === about && !one.recorded && one.value > 0 && counts(one))
    .map(({ words, value, unit, because }) => `${words}: ${value} ${unit}, ${because}`),
];
