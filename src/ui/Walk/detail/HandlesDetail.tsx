'use client';

import { useBook } from '../../Book/context';
import { OneOf } from '../../primitives/OneOf';
import { LugsOnly } from './LugsOnly';

/** Positions panels are made with, both columns together. */
const counts = [4, 6, 8, 12, 16, 20, 24, 30, 32, 40, 42, 60] as const;

/** How many positions, and what the main is: the panel can be drawn from then on. */
export function HandlesDetail() {
  const { state, panel, actions } = useBook();
  const { reader } = state.assessment.site;
  const { columns } = panel.layout;
  const rows = reader.value(panel.id, 'rows');
  return (
    <>
      <fieldset>
        <legend className="text-caption text-ink2">Positions, all columns together</legend>
        <OneOf
          label="Positions, all columns together"
          className="mt-1 grid grid-cols-6 gap-1.5"
          each="act px-1!"
          choices={counts.map((one) => ({ value: String(one), words: one }))}
          value={rows === undefined ? undefined : String(rows * columns)}
          choose={(one) => void actions.observe(panel.id, { rows: Number(one) / columns })}
        />
      </fieldset>
      <fieldset className="grid gap-2">
        <legend className="text-caption text-ink2">The main in this panel</legend>
        <OneOf
          label="The main in this panel"
          className="grid grid-cols-4 gap-1.5"
          each="act px-1!"
          choices={[
            { value: 'breaker', words: 'Breaker' },
            { value: 'lugs', words: 'Lugs only' },
            { value: 'throws', words: 'Throws' },
            { value: 'pull-out', words: 'Pull-out' },
          ]}
          value={panel.mainKind}
          choose={(mainKind) => void actions.observe(panel.id, { mainKind })}
        />
        {panel.mainKind === 'lugs' && <LugsOnly />}
      </fieldset>
    </>
  );
}
