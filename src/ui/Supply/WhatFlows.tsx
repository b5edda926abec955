'use client';

import { useMemo, useState } from 'react';
import { flowOf } from '@/core/model/simulation/flow';
import { flowWords } from '@/core/model/simulation/flow-words';
import { siteNetwork, solve } from '@/core';
import type { WhatIf } from '@/core/vocabulary/what-if';
import { isEmpty, overlaid } from '@/core/vocabulary/what-if';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';
import { AssumptionSliders } from './AssumptionSliders';
import { FlowDrawing } from './FlowDrawing';
import { KeptWhatIfs } from './KeptWhatIfs';
import { KeepWhatIf } from './KeepWhatIf';
import { LiftSweep } from './LiftSweep';
import { Questions } from './Questions';
import { WaySwitches } from './WaySwitches';

/** What flows in the supply as recorded, and what would if something were changed. */
export function WhatFlows() {
  const { state, panel } = useBook();
  const { site, yardstick } = state.assessment;
  const [whatIf, setWhatIf] = useState<WhatIf>({});
  const made = useMemo(() => siteNetwork(site, yardstick, whatIf), [site, yardstick, whatIf]);
  const solved = useMemo(() => solve(made.network), [made]);
  const flow = solved.ok ? flowOf(made, solved.solution) : undefined;
  const change = (more: WhatIf) => setWhatIf((now) => overlaid(now, more));
  const names = new Map(
    made.feeds.flatMap(({ id, name, from, fromService }) => [
      [id, name] as const,
      ...(fromService
        ? [
            [
              from,
              from.startsWith('supply-of') ? 'Supply, not recorded' : thingWords(from, site),
            ] as const,
          ]
        : []),
    ]),
  );
  return (
    <div className="min-h-0 lg:grid lg:h-full lg:grid-cols-[minmax(0,1fr)_360px]">
      <div className="min-h-0 min-w-0 p-4 lg:overflow-auto lg:px-8">
        {flow ? (
          <>
            <p role="status">
              {!isEmpty(whatIf) && <strong>What if. </strong>}
              {flowWords(flow)}
            </p>
            <FlowDrawing flow={flow} names={names} />
          </>
        ) : (
          !solved.ok && <p role="alert">This network has no answer: {solved.reason}.</p>
        )}
        <p className="text-ink2 mt-2 max-w-prose">
          Resistances alone, at 75 °C. What was not recorded is assumed, listed beside, and can be
          set. A figure here is a calculation, not a measurement.
        </p>
        <LiftSweep key={JSON.stringify(whatIf)} made={made} />
        <KeptWhatIfs open={setWhatIf} />
      </div>
      <aside
        className="border-line bg-app min-h-0 min-w-0 p-4 max-lg:border-t lg:overflow-y-auto lg:border-l"
        aria-label="What if"
        tabIndex={0}
      >
        <div className="flex items-baseline gap-2">
          <h3 className="text-heading flex-1 font-bold">What if</h3>
          <button className="act" disabled={isEmpty(whatIf)} onClick={() => setWhatIf({})}>
            As recorded
          </button>
        </div>
        <WaySwitches switches={made.switches} change={change} />
        <AssumptionSliders made={made} change={change} />
        {solved.ok && <Questions made={made} solution={solved.solution} panel={panel} />}
        {flow && !isEmpty(whatIf) && (
          <KeepWhatIf whatIf={whatIf} says={flowWords(flow)} kept={() => setWhatIf({})} />
        )}
      </aside>
    </div>
  );
}
