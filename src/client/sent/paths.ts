/** Where what a view is drawn from is asked for. What is kept on a device is kept under it. */
export const libraryPath = '/api/library';

export const bookPath = (inspection: string) => `/api/books/${encodeURIComponent(inspection)}`;

/** The report a return visit starts from. */
export const returnPath = (inspection: string) => `/api/returns/${encodeURIComponent(inspection)}`;

/** The list of Today: all of it, or what is found with some words. */
export const todayPath = (words = '') =>
  words ? `/api/today?${new URLSearchParams({ q: words }).toString()}` : '/api/today';
