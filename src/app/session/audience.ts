import { notFound } from 'next/navigation';
import type { Audience } from '@/core/show/report/audience';
import { audienceOf } from '@/core/show/report/audience';

export type SearchParams = Promise<Record<string, string | string[] | undefined>>;

/** The reader named in ?for=; nothing is there for a name that is none. */
export async function wantedAudience(search: SearchParams): Promise<Audience> {
  const { for: name } = await search;
  return audienceOf(Array.isArray(name) ? name[0] : name) ?? notFound();
}
