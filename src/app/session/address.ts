import { ownHeaders } from '@/server/web/front';

/** Who is limited, as the front says it; unknown where nothing stands in front. */
export const addressOf = (headers: Headers): string => headers.get(ownHeaders.address) ?? 'unknown';

/** Whether only the head of an answer is asked for: nothing is opened by that. */
export const isHead = (headers: Headers): boolean => headers.get(ownHeaders.method) === 'HEAD';
