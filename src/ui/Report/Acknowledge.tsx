/** A report with a Danger now asks whoever opens it to confirm that it was read. */
export function Acknowledge({
  action,
  done,
}: {
  action: string;
  done: { by: string; on: string } | undefined;
}) {
  return (
    <section className="border-danger bg-sheet mb-6 border-l-8 p-4" aria-label="Confirm">
      <h2 className="text-danger text-lg font-bold">Something here must be made safe today</h2>
      {done ? (
        <p className="mt-1">
          Confirmed as read by {done.by} on {done.on}.
        </p>
      ) : (
        <form method="post" action={action} className="mt-2 flex flex-wrap items-end gap-2">
          <label className="grid min-w-48 flex-1 gap-1">
            Your name
            <input className="field" name="name" required maxLength={200} />
          </label>
          <button className="act act-main min-h-12">I have read it</button>
        </form>
      )}
    </section>
  );
}
