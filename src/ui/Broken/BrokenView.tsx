'use client';

import { usePathname } from 'next/navigation';
import { views } from '../Book/views';
import { Broken } from './Broken';

/** One view of an inspection that could not be drawn; the header, and with it every other view, stands. */
export function BrokenView({ again }: { again(): void }) {
  const last = usePathname().split('/').at(-1);
  const name = views.find(([path]) => path === last)?.[1];
  return (
    <main className="min-h-0 overflow-auto">
      <Broken
        within
        what={name ? `The view “${name}”` : 'This view'}
        otherwise="The other views of this inspection work: choose one above, and go on recording there."
        again={again}
      />
    </main>
  );
}
