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

/** What repeats: the same as the last breaker, as the one opposite, or down to the next one. */
export function RepeatButtons({ position }: { position: PositionView }) {
  const { state, panel, actions } = useBook();
  const { site } = state.assessment;
  const last = lastDevice(panel, site.reader);
  const opposite = oppositeDevice(panel, position);
  const below = freeBelow(panel, position);
  if (!last && !opposite) return null;
  const repeat = (source: DeviceView) => {
    const line = repeatedLine(panel, source, position, site.reader);
    if (line) void actions.recordLine(line);
  };
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
    <fieldset className="grid gap-2">
      <legend className="text-caption text-ink2">The same again, without its name</legend>
      <div className="grid grid-cols-2 gap-2">
        {last && (
          <button className="act" onClick={() => repeat(last)}>
            Same as last, {last.label}
          </button>
        )}
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
    </fieldset>
  );
}
