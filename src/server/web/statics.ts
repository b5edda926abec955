import type { IncomingMessage, ServerResponse } from 'node:http';
import sirv from 'sirv';

const home = '/_next/static';

/**
 * Scripts, styles and fonts of the build, as they were compressed when it was made. Their names change with what is
 * in them, so a browser asks for each once.
 * @param folder where the build put them; a folder that is not there holds none
 */
export function staticsOf(folder: string) {
  const answerFrom = sirv(folder, {
    brotli: true,
    gzip: true,
    etag: true,
    immutable: true,
    maxAge: 365 * 24 * 60 * 60,
    extensions: [],
  });
  /** False: there is none of this name, nothing was answered. */
  return (request: IncomingMessage, response: ServerResponse): boolean => {
    const { url = '', method } = request;
    if (!url.startsWith(`${home}/`) || (method !== 'GET' && method !== 'HEAD')) return false;
    let answered = true;
    request.url = url.slice(home.length);
    answerFrom(request, response, () => {
      answered = false;
    });
    request.url = url;
    return answered;
  };
}
