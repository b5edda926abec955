/**
 * The address that links in letters begin with: PUBLIC_ORIGIN where it is set, else the one the asker
 * used. What a proxy says of the scheme counts only where one is set up (BEHIND_PROXY=1).
 */
export function originOf(
  request: Request,
  env: Readonly<Record<string, string | undefined>> = process.env,
): string {
  if (env.PUBLIC_ORIGIN) {
    const url = URL.canParse(env.PUBLIC_ORIGIN) ? new URL(env.PUBLIC_ORIGIN) : undefined;
    if (!url || url.origin === 'null' || url.origin !== env.PUBLIC_ORIGIN.replace(/\/$/, ''))
      throw new Error(
        `PUBLIC_ORIGIN is ${env.PUBLIC_ORIGIN}: expected such as https://east.example`,
      );
    return url.origin;
  }
  const host = request.headers.get('host') ?? new URL(request.url).host;
  const told = env.BEHIND_PROXY === '1' ? request.headers.get('x-forwarded-proto') : null;
  return `${told === 'https' ? 'https' : 'http'}://${host}`;
}
