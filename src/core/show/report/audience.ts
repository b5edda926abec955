/** For whom the one report is read: the same data, each with its own choice and order of it. */
export const audiences = ['client', 'electrician', 'official', 'record'] as const;
export type Audience = (typeof audiences)[number];

export const audienceWords: Record<Audience, string> = {
  client: 'For the client',
  electrician: 'For the electrician',
  official: 'For the official',
  record: 'Whole record',
};

/** The audience named in an address; the client where none is, undefined for a name that is none. */
export const audienceOf = (name: string | null | undefined): Audience | undefined =>
  name ? audiences.find((one) => one === name) : 'client';
