'use client';

import { Broken } from '@/ui/Broken/Broken';

export default function PageError({ reset }: { reset(): void }) {
  return (
    <main>
      <Broken
        what="This page"
        otherwise="Where it stays so, tell whoever runs East Gate in your office what you were about to do."
        again={reset}
      />
    </main>
  );
}
