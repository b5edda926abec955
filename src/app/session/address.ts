/**
 * Who is limited. The address a proxy names counts only where one is set up in front
 * (BEHIND_PROXY=1); anyone else could name what he likes, and is counted with everyone.
 */
export const addressOf = (headers: Headers): string =>
  (process.env.BEHIND_PROXY === '1' &&
    headers.get('x-forwarded-for')?.split(',').at(-1)?.trim().slice(0, 64)) ||
  'direct';
