'use client';

import { useMedia } from './use-media';

/** Whether the page stands on a phone or a small tablet, as in the style sheet. Wide until that is known. */
export const useNarrow = (): boolean => useMedia('(max-width: 1023px)');
