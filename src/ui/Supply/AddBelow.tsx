'use client';

import { useState } from 'react';
import type { Facts } from '@/core/record/entries/properties';
import type { ThingType } from '@/core/record/entries/thing-types';
import type { Draft } from '@/core/fieldwork/recording/draft';
import { add } from '@/core/fieldwork/recording/draft';
import { panelTemplates } from '@/core/fieldwork/recording/panel-templates';
import { useBook } from '../Book/context';
import { BuildingChoice } from './BuildingChoice';

interface AddBelowProps {
  id: string;
  type: ThingType;
  choose(id: string): void;
}

/** Hangs a meter, a disconnect or a panel on the chosen thing. */
export function AddBelow({ id, type, choose }: AddBelowProps) {
  const { state, panel, actions } = useBook();
  const { site } = state.assessment;
  const feeds = type === 'panel' ? undefined : id;
  const [building, setBuilding] = useState(panel.building);
  if (!['service', 'meter', 'disconnect', 'panel'].includes(type)) return null;
  const hang = async (make: (newId: () => string) => { drafts: Draft[]; made: string }) => {
    let made = '';
    const refused = await actions.record((newId) => {
      const result = make(newId);
      ({ made } = result);
      return result.drafts;
    });
    if (!refused) choose(made);
  };
  const hangThing = (kind: 'meter' | 'disconnect') =>
    hang((newId) => {
      const made = newId();
      const facts: Facts = feeds ? { fedFrom: feeds } : {};
      return { made, drafts: [add(kind, made, building, facts)] };
    });
  const hangPanel = (templateId: string) =>
    hang((newId) => {
      const template = panelTemplates.find((one) => one.id === templateId)!;
      const made = newId();
      const bar = (barKind: 'neutral' | 'ground', terminalCount: number) =>
        terminalCount === 0
          ? []
          : [
              add('bar', newId(), made, {
                barKind,
                terminalCount,
                side: barKind === 'neutral' ? 'left' : 'right',
              }),
            ];
      return {
        made,
        drafts: [
          add('panel', made, building, {
            name: `Panel ${site.panels.length + 1}`,
            ...(feeds && { fedFrom: feeds }),
            ...template.facts,
          }),
          ...bar('neutral', template.neutralScrews),
          ...bar('ground', template.groundScrews),
        ],
      };
    });
  return (
    <div className="grid gap-2" role="group" aria-label="Hang on it">
      <BuildingChoice chosen={building} choose={setBuilding} />
      <div className="flex flex-wrap gap-2">
        {type !== 'panel' && (
          <>
            <button className="act" onClick={() => void hangThing('meter')}>
              + meter
            </button>
            <button className="act" onClick={() => void hangThing('disconnect')}>
              + disconnect
            </button>
          </>
        )}
      </div>
      <label className="text-caption text-ink2 grid gap-0.5">
        {feeds ? 'A panel fed from it, of this kind' : 'Another panel, of this kind'}
        <select className="field" value="" onChange={(event) => void hangPanel(event.target.value)}>
          <option value="" disabled>
            choose
          </option>
          {panelTemplates.map(({ id: template, words }) => (
            <option key={template} value={template}>
              {words}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
