/** What can be said of an opening without a device: in short, as typed, and as a directory calls the position. */
export const openings = {
  covered: { short: 'Cover closed', token: 'covered', directory: 'unused' },
  blanked: { short: 'Blank', token: 'blank', directory: 'blank' },
  taped: { short: 'Taped over', token: 'taped', directory: 'taped over' },
  unfit: { short: 'Part not made for it', token: 'unfit', directory: 'a part not made for it' },
  open: { short: 'Open', token: 'open', directory: 'open' },
} as const;
export type Opening = keyof typeof openings;

/** Openings by the word they are typed as. */
export const openingOfToken = Object.fromEntries(
  Object.entries(openings).map(([opening, { token }]) => [token, opening]),
) as Record<(typeof openings)[Opening]['token'], Opening>;
