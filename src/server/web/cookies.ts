export const sessionCookie = 'east-gate-session';
export const deviceCookie = 'east-gate-device';

/** What a browser keeps under a name, of all it sent. */
export const cookieOf = (cookies: string, name: string): string | undefined =>
  new RegExp(`(?:^|;\\s*)${name}=([^;]*)`).exec(cookies)?.[1];
