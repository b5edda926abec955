import type { ReactNode } from 'react';

/** A term and what is said of it, in a list of them. */
export function Item({ term, children }: { term: string; children: ReactNode }) {
  return (
    <>
      <dt className="text-ink2 font-semibold max-md:mt-1.5">{term}</dt>
      <dd>{children}</dd>
    </>
  );
}

export function Items({ children }: { children: ReactNode }) {
  return (
    <dl className="mt-2 grid gap-x-4 text-sm md:grid-cols-[9rem_1fr] md:gap-y-1.5">{children}</dl>
  );
}
