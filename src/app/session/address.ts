/** Who is limited: the address a proxy in front names, else everyone who comes directly together. */
export const addressOf = (headers: Headers): string =>
  headers.get('x-forwarded-for')?.split(',')[0]?.trim().slice(0, 64) ?? 'direct';
