/** What a page asks for as soon as its scripts run is asked for with the page itself. */
export const sentSoon = { as: 'fetch', crossOrigin: 'anonymous' } as const;
