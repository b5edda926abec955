/**
 * The address that links in letters begin with: PUBLIC_ORIGIN, which the start checks and sets. Whatever
 * host an asker names does not count.
 * @throws where it is not set
 */
export function publicOrigin(
  env: Readonly<Record<string, string | undefined>> = process.env,
): string {
  if (!env.PUBLIC_ORIGIN)
    throw new Error('PUBLIC_ORIGIN is not set: expected such as https://east.example');
  return env.PUBLIC_ORIGIN.replace(/\/$/, '');
}

/** Whether it is reached by https from outside: then cookies go by https alone. */
export const isSecure = (env: Readonly<Record<string, string | undefined>> = process.env) =>
  env.PUBLIC_ORIGIN?.startsWith('https:') ?? false;
