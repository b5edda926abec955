'use client';

import './globals.css';
import { Broken } from '@/ui/Broken/Broken';

/** Where nothing else of a page could be drawn: a page of its own. */
export default function GlobalError({ reset }: { reset(): void }) {
  return (
    <html lang="en" data-theme="light">
      <body>
        <title>East Gate</title>
        <main>
          <Broken
            what="East Gate"
            otherwise="Where it stays so, tell whoever runs East Gate in your office what you were about to do."
            again={reset}
          />
        </main>
      </body>
    </html>
  );
}
