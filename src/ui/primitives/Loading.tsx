/** Stands until a page of which the server draws something is there. */
export const Loading = ({ what }: { what: string }) => (
  <p className="text-ink2 p-6" role="status">
    Opening {what}… What is recorded meanwhile is kept.
  </p>
);
