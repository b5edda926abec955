'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { FindingWays, LookWorth, PlanName, PlanQuestion, PlanView } from '@/core';
import type { PlanSays } from '@/workers/plan';

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
  const worker = useRef<Worker>(undefined);
  const busy = useRef(false);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = undefined;
    busy.current = false;
  }, []);
  useEffect(() => {
    // One that is idle keeps its solver; one that works on something else is ended.
    if (busy.current) end();
    const asked = (worker.current ??= new Worker(
      new URL('../../workers/plan.ts', import.meta.url),
      { type: 'module' },
    ));
    busy.current = true;
    let points: PlanView[] = [];
    asked.onmessage = ({ data }: MessageEvent<PlanSays>) => {
      if (data.kind === 'end' || data.kind === 'trouble') {
        busy.current = false;
        setEnded(question);
      }
      setPlans((before) => {
        switch (data.kind) {
          case 'ways':
            return { ...before, ways: data.ways };
          case 'named':
            return {
              ...before,
              known: true,
              named: data.plans,
              without: data.without,
              none: data.none,
              objections: data.objections,
              points: [],
              looks: [],
            };
          case 'point':
            points = [...points, data.plan];
            return { ...before, points };
          case 'looks':
            return { ...before, looks: data.worth };
          case 'end':
            return { ...before, trouble: undefined };
          case 'trouble':
            return { ...before, trouble: data.message };
        }
      });
    };
    asked.onerror = ({ message }) => {
      end();
      setEnded(question);
      setPlans((before) => ({ ...before, trouble: message || 'no plan came' }));
    };
    asked.postMessage(question);
  }, [question, end]);
  useEffect(() => end, [end]);
  return {
    ...plans,
    working: ended !== question,
    cancel: () => {
      end();
      setEnded(question);
    },
  };
}
