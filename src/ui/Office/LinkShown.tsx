/** A link that opens something once: shown to whoever made it, and never again. */
export function LinkShown({ url }: { url: string }) {
  return (
    <label className="grid gap-1">
      <span className="text-ink2">
        A letter with this link is written. Where none arrives, hand it over yourself; it is not
        shown again.
      </span>
      <input
        className="field font-mono"
        readOnly
        value={url}
        aria-label="Link to hand over"
        onFocus={(event) => event.target.select()}
      />
    </label>
  );
}
