'use client';

import type { DeviceView, PositionView } from '@/core/installation/panel/views';
import { recordLine } from '@/core';
import type { Draft } from '@/core/fieldwork/recording/draft';
import {
  freeBelow,
  lastDevice,
  oppositeDevice,
  repeatedLine,
} from '@/core/fieldwork/recording/repeat';
import { useBook } from '../../Book/context';
import { sameWords } from './same-words';

function useRepeat(position: PositionView) {
  const { state, panel, actions } = useBook();
  const { site } = state.assessment;
  const below = freeBelow(panel, position);
  const repeat = (source: DeviceView) => {
    const line = repeatedLine(panel, source, position, site.reader);
    if (!line) return;
    void actions.recordLine(line).then((refused) => {
      const next = below[source.height];
      if (!refused && next) actions.step({ kind: 'position', number: next.number });
    });
  };
  return { site, panel, actions, below, repeat, last: lastDevice(panel, site.reader) };
}

/** The breaker recorded last, set here again; the next free position comes up by itself. */
export function SameAsLast({ position }: { position: PositionView }) {
  const { site, last, repeat } = useRepeat(position);
  return (
    <button
      className="act border-accent!"
      disabled={!last}
      onClick={() => last && repeat(last)}
      title="All of it but its name and its screws"
    >
      <span className="truncate">
        {last ? `Same as last: ${sameWords(last, site.reader)}` : 'Same as last: none yet'}
      </span>
    </button>
  );
}

/** What else repeats: the one opposite, or down to the next one. */
export function MoreRepeats({ position }: { position: PositionView }) {
  const { site, panel, actions, below, repeat, last } = useRepeat(position);
  const opposite = oppositeDevice(panel, position);
  const fillDown = (source: DeviceView) =>
    void actions.record((newId) => {
      const drafts: Draft[] = [];
      let next = 0;
      for (const at of below) {
        if (at.row < next) continue;
        const line = repeatedLine(panel, source, at, site.reader);
        const recorded = line && recordLine(line, { site, panel, newId });
        if (!recorded?.ok) break;
        drafts.push(...recorded.drafts);
        next = at.row + source.height;
      }
      return drafts;
    });
  return (
    <div className="grid grid-cols-2 gap-1.5">
      {opposite && opposite !== last && (
        <button className="act" onClick={() => repeat(opposite)}>
          Same as opposite, {opposite.label}
        </button>
      )}
      {last && below.length > 1 && (
        <button className="act" onClick={() => fillDown(last)}>
          Fill down like {last.label}: {below.length} free
        </button>
      )}
    </div>
  );
}
