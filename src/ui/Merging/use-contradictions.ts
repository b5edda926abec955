'use client';

import { useEffect, useMemo, useState } from 'react';
import { fetchMerging } from '@/client/merging/fetch-merging';
import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import type { SiteView } from '@/core/installation/panel/site-view';
import { useBook } from '../Book/context';

/** Whether there may be any: looked at before the program that finds them is fetched. */
const mayContradict = ({ reader: { inspection }, panels }: SiteView): boolean =>
  inspection.conflicts.length > 0 ||
  inspection.unplaced.length > 0 ||
  panels.some(
    ({ outOfRange, positions }) =>
      outOfRange.length > 0 || positions.some(({ devices }) => devices.length > 1),
  );

const none: readonly Contradiction[] = [];

/** What two hands recorded against each other and nobody settled yet; none until what finds them is here. */
export function useContradictions(): readonly Contradiction[] {
  const { state } = useBook();
  const { site } = state.assessment;
  const [merging, setMerging] = useState<Awaited<ReturnType<typeof fetchMerging>>>();
  const wanted = mayContradict(site);
  useEffect(() => {
    if (!wanted) return;
    let left = false;
    void fetchMerging().then(
      (program) => left || setMerging(program),
      () => undefined,
    );
    return () => {
      left = true;
    };
  }, [wanted]);
  return useMemo(
    () => (wanted && merging ? merging.contradictionsOf(site, state.entries) : none),
    [wanted, merging, site, state.entries],
  );
}
