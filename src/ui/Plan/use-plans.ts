'use client';

import { useEffect, useState } from 'react';
import { PlanWorker } from '@/client/plans/plan-worker';
import type { FindingWays, LookWorth, PlanName, PlanQuestion, PlanView } from '@/core';

/** Plans as far as they are worked out. */
export interface Plans {
  /** Whether anything was ever worked out. */
  known: boolean;
  ways: readonly FindingWays[];
  named: readonly PlanView[];
  points: readonly PlanView[];
  without: readonly string[];
  /** Names for which none could be settled. */
  none: readonly PlanName[];
  objections: readonly string[];
  looks: readonly LookWorth[];
  trouble: string | undefined;
}

const nothing: Plans = {
  known: false,
  ways: [],
  named: [],
  points: [],
  without: [],
  none: [],
  objections: [],
  looks: [],
  trouble: undefined,
};

/** Told piece by piece; a new question ends the old one. What was known stays until the new is there. */
export function usePlans(question: PlanQuestion): Plans & {
  /** Something is being worked out; what is shown is of before. */
  working: boolean;
  cancel(): void;
} {
  const [plans, setPlans] = useState(nothing);
  const [ended, setEnded] = useState<PlanQuestion>();
  const [worker] = useState(() => new PlanWorker());
  useEffect(() => {
    let points: PlanView[] = [];
    worker.ask(question, (says) => {
      if (says.kind === 'end' || says.kind === 'trouble') setEnded(question);
      setPlans((before) => {
        switch (says.kind) {
          case 'ways':
            return { ...before, ways: says.ways };
          case 'named':
            return {
              ...before,
              known: true,
              named: says.plans,
              without: says.without,
              none: says.none,
              objections: says.objections,
              points: [],
              looks: [],
            };
          case 'point':
            points = [...points, says.plan];
            return { ...before, points };
          case 'looks':
            return { ...before, looks: says.worth };
          case 'end':
            return { ...before, trouble: undefined };
          case 'trouble':
            return { ...before, trouble: says.message };
        }
      });
    });
  }, [question, worker]);
  useEffect(() => () => worker.end(), [worker]);
  return {
    ...plans,
    working: ended !== question,
    cancel: () => {
      worker.cancel();
      setEnded(question);
    },
  };
}
