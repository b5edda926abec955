import type { PlanView } from '@/core';

/** Who is without power meanwhile. */
export const darkWords = (off: PlanView['dark'][number]['off'], panel: string): string =>
  ({
    service: 'Everything behind the service',
    panel: `What ${panel} feeds`,
    circuit: `The circuits worked on, ${panel}`,
  })[off];
