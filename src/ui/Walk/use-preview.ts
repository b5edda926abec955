'use client';

import { useMemo } from 'react';
import { idsFrom, parseLine, recordLine, unjudged } from '@/core';
import type { Assessment } from '@/core';
import type { SiteView } from '@/core/installation/panel/site-view';
import type { PanelView } from '@/core/installation/panel/views';
import { highestCounter, stamp } from '@/core/fieldwork/recording/draft';
import { refusals } from '@/core/fieldwork/recording/check';
import type { ParsedLine } from '@/core/record/shorthand/line';
import { useBook } from '../Book/context';

/** How the panel would stand with the line being typed. */
export interface Preview {
  panel: PanelView;
  site: SiteView;
  assessment: Assessment;
  /** Ids made for the preview begin with this. */
  mark: string;
  positions: number[];
}

const mark = 'preview-';

export function useParsed(typed: string): ParsedLine {
  const { panel } = useBook();
  return useMemo(() => parseLine(typed, panel), [typed, panel]);
}

export interface PreviewResult {
  preview?: Preview;
  /** Why it cannot be recorded. */
  message?: string;
}

/** What the line would give, or why it cannot be recorded. Asked for once, by what shows it in several places. */
export function usePreviewResult(typed: string): PreviewResult {
  const { state, panel } = useBook();
  const parsed = useParsed(typed);
  return useMemo(() => {
    if (!parsed.line) return {};
    const { site, settings } = state.assessment;
    const newId = idsFrom(mark);
    const recorded = recordLine(parsed.line, { site, panel, newId });
    if (!recorded.ok) return { message: recorded.message };
    const drafted = stamp(recorded.drafts, {
      newId,
      device: 'preview',
      author: 'preview',
      at: '2000-01-01T00:00:00Z',
      counter: highestCounter(state.entries),
    });
    const [refusal] = refusals(state.entries, drafted);
    if (refusal) return { message: refusal.message };
    const judge = state.judging?.assess ?? unjudged;
    const assessment = judge([...state.entries, ...drafted], settings);
    const shown = assessment.site.panels.find((one) => one.id === panel.id);
    if (!shown) return {};
    const positions = parsed.line.kind === 'position' ? parsed.line.positions : [];
    return { preview: { panel: shown, site: assessment.site, assessment, mark, positions } };
  }, [parsed, state, panel]);
}
