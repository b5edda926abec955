'use client';

import { cautionLead, cautionSupply } from '@/core/report/cautions';
import { stages } from '@/core/stages';
import { useWalk } from '../context';
import { BarsDetail } from './BarsDetail';
import { FactField } from './FactField';
import { MainDetail } from './MainDetail';
import { SupplyField } from './SupplyField';

/** A stage of the walk: the facts recorded at it, or what is recorded elsewhere. */
export function StageDetail({ number }: { number: number }) {
  const { state, panel } = useWalk();
  const { site } = state.assessment;
  const stage = stages.find((one) => one.number === number)!;
  const about = { site: site.site, building: panel.building, panel: panel.id };
  return (
    <section
      className="border-line grid gap-2.5 border-b p-4"
      aria-label={`Stage ${stage.number}, ${stage.name}`}
    >
      <h2 className="text-heading font-bold">
        {stage.number} {stage.name}
      </h2>
      {stage.caution && (
        <p className="border-ink border-l-4 pl-2">
          <strong>{cautionLead}</strong> {cautionSupply} Opening, touching and measuring is for
          licensed people.
        </p>
      )}
      {stage.number === 9 && <SupplyField />}
      {stage.facts.map(({ about: subject, property, certainty }) => {
        const id = about[subject];
        return (
          id && <FactField key={property} about={id} property={property} certainty={certainty} />
        );
      })}
      {stage.number === 8 && <MainDetail />}
      {stage.number === 9 && <BarsDetail />}
      {stage.facts.length === 0 && (
        <p className="text-ink2">
          No facts are asked for at this stage yet. Breakers are recorded on the drawing.
        </p>
      )}
    </section>
  );
}
