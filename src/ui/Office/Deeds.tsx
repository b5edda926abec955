'use client';

import Link from 'next/link';
import { localTimeWords } from '../primitives/local-time';

interface DeedsProps {
  deeds: readonly { number: string; at: string; who: string; did: string; about: string }[];
  /** Number before which older ones stand; undefined: these are all. */
  older: string | undefined;
}

/** Who did what in the office, the latest first. Entries of inspections have their own History. */
export function Deeds({ deeds, older }: DeedsProps) {
  return (
    <div className="grid gap-4">
      <p className="text-ink2 max-w-prose">
        Signing in, people, settings, reports and links. Nobody can change or remove a line. What
        was recorded at a panel stands in the History of its inspection.
      </p>
      <table className="w-full">
        <thead>
          <tr className="text-ink2 text-left">
            <th className="pr-4">When</th>
            <th>What</th>
          </tr>
        </thead>
        <tbody>
          {deeds.map(({ number, at, who, did, about }) => (
            <tr key={number} className="border-hair border-t align-top">
              <td className="text-ink2 py-1 pr-4 whitespace-nowrap" suppressHydrationWarning>
                {localTimeWords(at)}
              </td>
              <td className="py-1">
                <strong>{who}</strong> {did} {about}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {older && (
        <Link className="act justify-self-start" href={`/office/deeds?before=${older}`}>
          Older
        </Link>
      )}
    </div>
  );
}
