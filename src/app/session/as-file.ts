/** A PDF shown in the browser, under the report's number. */
export const asPdf = (bytes: Buffer, name: string) =>
  new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${name}.pdf"`,
      'cache-control': 'no-store',
    },
  });

/** Headers by which a file is saved under its name; letters no header holds are left out of the plain one. */
export const asFile = (name: string): Record<string, string> => ({
  'content-disposition': `attachment; filename="${name.replaceAll(/[^A-Za-z0-9 ._-]/g, '')}"; filename*=UTF-8''${encodeURIComponent(name)}`,
  'cache-control': 'no-store',
});
