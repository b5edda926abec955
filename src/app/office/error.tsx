'use client';

import { Broken } from '@/ui/Broken/Broken';

export default function OfficeError({ reset }: { reset(): void }) {
  return (
    <Broken
      within
      what="This page of the office"
      otherwise="The other pages of the office work: choose one above."
      again={reset}
    />
  );
}
