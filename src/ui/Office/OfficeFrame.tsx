'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { PageHeader } from '../primitives/PageHeader';

const pages = [
  ['/office/people', 'People'],
  ['/office/letterhead', 'Letterhead'],
  ['/office/letters', 'Letters'],
  ['/office/keeping', 'Keeping'],
  ['/office/running', 'Running'],
  ['/office/deeds', 'Who did what'],
] as const;

/** Frame of the pages of the office. */
export function OfficeFrame({ office, children }: { office: string; children: ReactNode }) {
  const here = usePathname();
  return (
    <>
      <PageHeader title="Office" office={office} />
      <nav
        aria-label="Pages of the office"
        className="border-line flex gap-4 overflow-x-auto border-b px-4"
      >
        {pages.map(([path, words]) => (
          <Link
            key={path}
            href={path}
            aria-current={here === path ? 'page' : undefined}
            className="text-ink2 aria-[current]:border-accent aria-[current]:text-ink py-2 whitespace-nowrap aria-[current]:border-b-2 aria-[current]:font-bold max-lg:py-3"
          >
            {words}
          </Link>
        ))}
      </nav>
      <main className="mx-auto max-w-5xl p-4 md:p-6">{children}</main>
    </>
  );
}
