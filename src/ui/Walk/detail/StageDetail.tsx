'use client';

import { cautions } from '@/core/show/report/cautions';
import { observe } from '@/core/fieldwork/recording/draft';
import type { AskedGroup } from '@/core/fieldwork/walk/asked';
import { askedAt, nothingWrong } from '@/core/fieldwork/walk/asked';
import { stages } from '@/core/fieldwork/walk/stages';
import { FactField } from '../../facts/FactField';
import { WholeStage } from './WholeStage';
import { SureChoice } from '../../facts/SureChoice';
import { useBook } from '../../Book/context';
import { schoolWords } from '@/core/codes/settings/settings';
import { AddLooseWire } from './AddLooseWire';
import { BarsDetail } from './BarsDetail';
import { FamilyGuess } from './FamilyGuess';
import { HandlesDetail } from './HandlesDetail';
import { MainDetail } from './MainDetail';
import { PlaceField } from './PlaceField';
import { ProposedScope } from './ProposedScope';
import { StageViews } from './StageViews';
import { SymptomList } from './SymptomList';
import { SupplyField } from './SupplyField';

/** A stage of the walk: what it asks, group by group, each with "nothing wrong here". */
export function StageDetail({ number }: { number: number }) {
  const { state, panel } = useBook();
  const { site } = state.assessment;
  const stage = stages.find((one) => one.number === number)!;
  const groups = askedAt(number, site, panel);
  return (
    <section
      className="border-line grid gap-3 border-b p-4"
      aria-label={`Stage ${stage.number}, ${stage.name}`}
    >
      <div>
        <h2 className="text-heading font-bold">
          {stage.number} {stage.name}
        </h2>
        <p className="text-ink2">{stage.does}</p>
      </div>
      {stage.caution && <SafetyCard opening={number === 7} />}
      <SureChoice />
      <WholeStage number={number} groups={groups} />
      {number === 1 && <PlaceField />}
      {number === 6 && <HandlesDetail />}
      {number === 1 && <ProposedScope />}
      {number === 1 && <Yardstick />}
      {number === 1 && <SymptomList />}
      {number === 9 && <SupplyField />}
      {number === 8 && <MainDetail />}
      {number === 9 && <BarsDetail />}
      {number === 8 && <AddLooseWire />}
      {groups.map((group) => (
        <StageGroup key={group.key} group={group} />
      ))}
      {(number === 5 || number === 6 || number === 8) && <FamilyGuess />}
      <StageViews number={number} asks={groups.length > 0} />
    </section>
  );
}

/** What this visit is measured by: set by the organisation when it began. */
function Yardstick() {
  const { state } = useBook();
  const { yardstick, settings } = state.assessment;
  return (
    <p className="text-ink2">
      Measured by the {yardstick.title}, graded {schoolWords[settings.school].toLowerCase()}. Local
      code and the equipment’s own label decide before it.
    </p>
  );
}

/** What is said before anything is opened, touched or measured. */
function SafetyCard({ opening }: { opening: boolean }) {
  const { state } = useBook();
  const { reader, site } = state.assessment.site;
  const scope = site === undefined ? undefined : reader.value(site, 'scope');
  const shut = scope === 'looks' || scope === 'outside';
  return (
    <div className="border-ink border-l-4 pl-3">
      <ul>
        {cautions.map((caution, index) => (
          <li key={caution} className={index === 0 ? 'font-bold' : ''}>
            {caution}
          </li>
        ))}
      </ul>
      {opening && (
        <p className="mt-1">
          Only somebody qualified takes the cover off, and only if it is safe. Support it, keep its
          screws. If it stays shut, record why: everything behind it is then not seen.
          {shut && ' Opening was not agreed for this visit: the cover stays on.'}
        </p>
      )}
    </div>
  );
}

function StageGroup({ group }: { group: AskedGroup }) {
  const { state, actions } = useBook();
  const { reader } = state.assessment.site;
  const recorded = group.facts.filter((fact) => fact.recorded).length;
  const fine = nothingWrong(group, state.assessment.site);
  const count = fine.reduce((sum, one) => sum + Object.keys(one.facts).length, 0);
  return (
    <fieldset className="border-hair grid gap-2 border-t pt-2">
      <legend className="sr-only">{group.title}</legend>
      <p className="flex items-baseline justify-between gap-2">
        <strong>{group.title}</strong>
        <span className="text-caption text-ink2">
          {recorded} of {group.facts.length} noted
        </span>
      </p>
      {!group.many && (
        <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-1">
          {group.facts.map(({ about, property }) => (
            <FactField key={property} about={about} property={property} />
          ))}
        </div>
      )}
      {count > 0 && (
        <button
          className="act"
          onClick={() =>
            void actions.record(() => fine.map(({ about, facts }) => observe(reader, about, facts)))
          }
          aria-label={`Nothing wrong here: ${group.title}, writes ${count} facts`}
        >
          Nothing wrong here: writes {count}
        </button>
      )}
      {group.shut && recorded < group.facts.length && (
        <p className="border-ink3 border-l-4 border-dashed pl-2">
          The cover was not opened: what is behind it is not seen, and cannot be called fine.
        </p>
      )}
      {group.many && !group.shut && count === 0 && recorded < group.facts.length && (
        <p className="text-caption text-ink2">Touch each on the drawing to record the rest.</p>
      )}
    </fieldset>
  );
}
