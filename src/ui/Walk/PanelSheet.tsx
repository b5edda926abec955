'use client';

import { useEffect, useMemo, useRef } from 'react';
import type { KeyboardEvent } from 'react';
import { drawPanel } from '@/core';
import type { Finding } from '@/core/judge/grading/finding';
import { sheetSize } from '@/core/show/drawing/geometry';
import { turnShapes } from '@/core/show/drawing/turn';
import { marginIn, marginLabels } from '@/core/show/drawing/margin-labels';
import { Shapes } from '../drawing/Shapes';
import { useNarrow } from '../primitives/use-narrow';
import { useBook, useInHand } from '../Book/context';
import { useDrawn } from '../Book/Drawn';
import type { Selection } from '../Book/context';
import { useContradictions } from '../Merging/use-contradictions';
import { useLiveNow } from '../Live/context';
import { lazily } from '../primitives/lazily';
import { rim } from './lens';
import { FindingMarks } from './FindingMarks';
import { HitAreas } from './HitAreas';
import { neighbour } from './neighbour';
import { PanelLens } from './PanelLens';
import type { Preview } from './use-preview';

interface PanelSheetProps {
  /** How the panel would stand with the line being typed. */
  preview: Preview | undefined;
  /** A character typed while the drawing has the focus goes to the shorthand line. */
  onType(character: string): void;
  /** Something of the drawing was touched, be it in hand already. */
  onTouch(): void;
}

const PreviewMarks = lazily(async () => (await import('./PreviewMarks')).PreviewMarks);
const HandMarks = lazily(async () => (await import('../Live/HandMarks')).HandMarks);

/** No mark is drawn where nothing was judged; that it was not is said beside the drawing. */
const nothingSaid: readonly Finding[] = [];

/** Sideways, down the column is to the left. */
const turnedKey = (key: string) =>
  ({
    ArrowLeft: 'ArrowDown',
    ArrowRight: 'ArrowUp',
    ArrowUp: 'ArrowLeft',
    ArrowDown: 'ArrowRight',
  })[key] ?? key;

/** The panel drawn to scale, with what is being typed shown as it would stand. */
export function PanelSheet({ preview, onType, onTouch }: PanelSheetProps) {
  const { panel: now, actions } = useBook();
  const { selection } = useInHand();
  const { others } = useLiveNow();
  const contradictions = useContradictions();
  // What was recorded shows in the detail at once; the drawing follows as soon as there is time.
  const drawn = useDrawn();
  const drawnSite = drawn.site;
  const findings = drawn.judged ? drawn.findings : nothingSaid;
  const recorded = drawnSite.panels.find((one) => one.id === now.id) ?? now;
  const panel = preview?.panel ?? recorded;
  const site = preview?.site ?? drawnSite;
  const drawing = useMemo(() => drawPanel(panel, site), [panel, site]);
  const labels = useMemo(() => {
    const upright = marginLabels(panel, drawing.geometry);
    return drawing.geometry.turned ? turnShapes(upright, drawing.geometry.height) : upright;
  }, [panel, drawing]);
  const narrow = useNarrow();
  const sheet = useRef<SVGSVGElement>(null);
  const selected = selection.kind === 'position' ? selection.number : undefined;

  useEffect(() => {
    const target = sheet.current?.querySelector('[data-selected="true"]');
    const box = sheet.current?.parentElement;
    if (!target || !box || box.scrollHeight <= box.clientHeight + 4) return;
    const [a, b] = [target.getBoundingClientRect(), box.getBoundingClientRect()];
    box.scrollTop += a.top + a.height / 2 - (b.top + b.height / 2);
    if (box.scrollWidth > box.clientWidth + 4)
      box.scrollLeft += a.left + a.width / 2 - (b.left + b.width / 2);
  }, [selected, recorded.id]);

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const key = recorded.orientation === 'sideways' ? turnedKey(event.key) : event.key;
    const next = selected !== undefined && neighbour(recorded, selected, key);
    if (next) {
      event.preventDefault();
      actions.select({ kind: 'position', number: next });
      sheet.current?.querySelector<SVGElement>(`[data-position="${next}"]`)?.focus();
    } else if (/^[0-9a-z]$/i.test(event.key)) {
      event.preventDefault();
      onType(event.key);
    }
  };

  const touching = useMemo(
    () => ({
      ...actions,
      select: (next: Selection) => {
        actions.select(next);
        onTouch();
      },
    }),
    [actions, onTouch],
  );

  const { geometry } = drawing;
  const sheetIs = sheetSize(geometry);
  if (geometry.rows === 0)
    return (
      <div className="grid gap-3 p-6">
        <p className="text-ink2 text-sm">
          How many positions the panel has is not recorded, so it cannot be drawn yet.
        </p>
        <button className="act" onClick={() => actions.select({ kind: 'stage', stage: 6 })}>
          Count them: stage 6, The handles
        </button>
      </div>
    );
  // The directory stands beside the columns; of a panel hung sideways, above and below them.
  const [beside, above] = geometry.turned ? [rim, marginIn] : [marginIn, rim];
  const full = { width: sheetIs.width + 2 * beside, height: sheetIs.height + 2 * above };
  const label = `${panel.name}, ${(panel.rows ?? 0) * panel.layout.columns} positions`;
  if (narrow)
    return (
      <PanelLens panel={recorded} drawing={drawing} label={label}>
        <g id="panel-drawn">
          <Shapes shapes={drawing.shapes} />
          <FindingMarks {...{ panel: recorded, geometry, findings, contradictions }} />
        </g>
        <HitAreas {...{ panel: recorded, geometry, findings, selection, actions: touching }} />
        {others.length > 0 && <HandMarks {...{ panel: recorded, drawing, others }} />}
      </PanelLens>
    );
  return (
    <div className="h-full overflow-auto" tabIndex={-1}>
      <svg
        ref={sheet}
        viewBox={`${-beside} ${-above} ${full.width} ${full.height}`}
        className="sheet-svg mx-auto block"
        style={{
          ['--can-width' as string]: sheetIs.width + 2 * rim,
          ['--full-width' as string]: full.width,
          ['--full-height' as string]: full.height,
        }}
        onKeyDown={onKeyDown}
        role="group"
        aria-label={label}
      >
        <Shapes shapes={drawing.shapes} />
        <Shapes shapes={labels} />
        <FindingMarks {...{ panel: recorded, geometry, findings, contradictions }} />
        {preview && <PreviewMarks preview={preview} drawing={drawing} />}
        <HitAreas {...{ panel: recorded, geometry, findings, selection, actions: touching }} />
        {others.length > 0 && <HandMarks beside {...{ panel: recorded, drawing, others }} />}
      </svg>
    </div>
  );
}
