/** A PDF shown in the browser, under the report's number. */
export const asPdf = (bytes: Buffer, name: string) =>
  new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${name}.pdf"`,
      'cache-control': 'no-store',
    },
  });
