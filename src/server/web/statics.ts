import type { IncomingMessage, ServerResponse } from 'node:http';
import sirv from 'sirv';
import type { Options } from 'sirv';

/** Answers with a file where one is asked for; false: there is none of this name, nothing was answered. */
export type Statics = (request: IncomingMessage, response: ServerResponse) => boolean;

/**
 * Scripts, styles and fonts of the build, as they were compressed when it was made. Their names change with what is
 * in them, so a browser asks for each once.
 * @param folder where the build put them; a folder that is not there holds none
 */
export const staticsOf = (folder: string): Statics =>
  filesOf(folder, '/_next/static', { immutable: true, maxAge: 365 * 24 * 60 * 60 });

/** Programs that keep their names: what answers pages on a device, and what composes a report there. */
export const ownPrograms = ['/sw.js', '/draft.js'];

/** Answers with one of them: asked for each time, and sent anew only where it changed. */
export const workerOf = (folder: string): Statics => {
  const answer = filesOf(folder, '', { maxAge: 0 });
  return (request, response) =>
    ownPrograms.includes(request.url ?? '') && answer(request, response);
};

function filesOf(folder: string, home: string, options: Options): Statics {
  const answerFrom = sirv(folder, {
    brotli: true,
    gzip: true,
    etag: true,
    extensions: [],
    ...options,
  });
  return (request, response) => {
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
