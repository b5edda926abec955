'use client';

import { FactField } from '../../facts/FactField';
import { useBook } from '../../Book/context';

/** What the place is called: the first thing of a visit. */
export function PlaceField() {
  const { state } = useBook();
  const { site } = state.assessment.site;
  return site === undefined ? null : <FactField about={site} property="name" label="Place" />;
}
