/** After a form: the next page is got, not posted to. */
export const seeOther = (path: string) =>
  new Response(null, { status: 303, headers: { location: path } });

export const crossSite = () =>
  Response.json({ fault: 'This request came from another site.' }, { status: 403 });
/** @param ended the session of this device was ended by somebody: it is to keep nothing */
export const signedOut = (ended = false) =>
  Response.json({ fault: 'Sign in first.', ...(ended && { ended }) }, { status: 401 });
export const notHere = () =>
  Response.json({ fault: 'There is no such inspection here.' }, { status: 404 });
/** For links: the same whatever is wrong with them. */
export const nothingHere = () => new Response('There is nothing here.', { status: 404 });
