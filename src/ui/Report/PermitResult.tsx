import type { ReportPermit } from '@/core/show/report/report';

/** The outcome for the authority, against the scope of the permitted work alone. */
export function PermitResult({ permit }: { permit: ReportPermit }) {
  return (
    <section className="border-ink mt-6 border-t-2 pt-3" aria-labelledby="permit-result">
      <h2 id="permit-result" className="text-lg font-bold">
        Permit {permit.number}: {permit.result}
      </h2>
      <p className="text-sm">
        Covers: {permit.covers}. {permit.because}.
      </p>
      <Lines title="Inside the work" lines={permit.inside} />
      <Lines title="Inside the work, still to be seen" lines={permit.toSee} />
      <Lines title="Outside the work, told to the owner" lines={permit.outside} />
    </section>
  );
}

function Lines({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <>
      <h3 className="mt-2 font-bold">{title}</h3>
      <ul className="text-sm">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </>
  );
}
