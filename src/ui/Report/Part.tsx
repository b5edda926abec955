import type { ReactNode } from 'react';

/** One part of the report with its heading, which addresses lead to. */
export function Part({ id, title, children }: { id: string; title: string; children: ReactNode }) {
  return (
    <section className="mt-8" aria-labelledby={id}>
      <h2 id={id} className="border-ink border-b-2 pb-1 text-lg font-bold">
        {title}
      </h2>
      {children}
    </section>
  );
}
