/** What a page asks for as soon as its scripts run is asked for with the page itself. */
export const SentSoon = ({ path }: { path: string }) => (
  <link rel="preload" as="fetch" crossOrigin="anonymous" href={path} />
);
