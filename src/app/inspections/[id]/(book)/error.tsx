'use client';

import { BrokenView } from '@/ui/Broken/BrokenView';

export default function BookError({ reset }: { reset(): void }) {
  return <BrokenView again={reset} />;
}
