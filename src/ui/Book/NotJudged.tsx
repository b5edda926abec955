/** Said wherever what follows from the rules would stand, for as long as they are not here. */
export const notJudged = 'Not judged yet';

/** Over every view where the rules could not be fetched: what is recorded stands, and nothing is said of it. */
export function NotJudged({ again }: { again(): void }) {
  return (
    <div
      role="alert"
      className="border-accent bg-sheet flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-l-8 px-3 py-1.5 print:hidden"
    >
      <p className="min-w-0 flex-1">
        <strong>{notJudged}: the rules could not be fetched.</strong> You can go on recording, and
        what you record is kept. No danger is pointed out until they are here: look with your own
        eyes.
      </p>
      <button className="act act-main" onClick={again}>
        Fetch them again
      </button>
    </div>
  );
}
