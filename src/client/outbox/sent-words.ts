import type { PicturesProgress } from './pictures';

/** How far the pictures are, in words. */
export const sentWords = ({ sent, all }: PicturesProgress): string =>
  `sending files, ${Math.floor((100 * sent) / Math.max(1, all))} % there`;
