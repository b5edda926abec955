'use client';

import { useMemo, useState } from 'react';
import { drawPanel, siteOf } from '@/core';
import type { PlanView } from '@/core';
import { drawMoves } from '@/core/show/drawing/draw-moves';
import { sheetSize } from '@/core/show/drawing/geometry';
import { useBook } from '../Book/context';
import { Shapes } from '../drawing/Shapes';
import { useMotion } from '../primitives/use-media';
import { useNarrow } from '../primitives/use-narrow';
import { Frame, Leader } from './move-marks';
import { Travelling } from './Travelling';
import { pannedTo } from './panned-to';

/** The panel as found and as it would be, with the steps between; one step is shown at a time. */
export function BeforeAfter({ plan }: { plan: PlanView }) {
  const { state } = useBook();
  const [chosen, choose] = useState<string>();
  const after = useMemo(
    () => siteOf([...state.entries, ...plan.entries]),
    [state.entries, plan.entries],
  );
  const shown = plan.moves.find(({ panel }) => panel === chosen) ?? plan.moves[0];
  if (!shown) return null;
  return (
    <section className="mt-4" aria-labelledby="before-after">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 id="before-after" className="text-heading font-bold">
          Where everything goes
        </h3>
        {plan.moves.length > 1 ? (
          <select
            className="field w-auto!"
            aria-label="Panel"
            value={shown.panel}
            onChange={(event) => choose(event.target.value)}
          >
            {plan.moves.map(({ panel, name }) => (
              <option key={panel} value={panel}>
                {name}
              </option>
            ))}
          </select>
        ) : (
          <span className="text-ink2">{shown.name}</span>
        )}
      </div>
      <PanelMoves
        key={`${plan.key} ${shown.panel}`}
        panel={shown.panel}
        steps={shown.steps}
        after={after}
      />
    </section>
  );
}

interface PanelMovesProps {
  panel: string;
  steps: PlanView['moves'][number]['steps'];
  after: ReturnType<typeof siteOf>;
}

function PanelMoves({ panel, steps, after }: PanelMovesProps) {
  const { state } = useBook();
  const { site } = state.assessment;
  const narrow = useNarrow();
  const motion = useMotion();
  const [step, setStep] = useState(1);
  const [found, showFound] = useState(false);
  const was = site.panels.find(({ id }) => id === panel);
  const now = after.panels.find(({ id }) => id === panel);
  const drawn = useMemo(() => {
    if (!was || !now || was.layout.rows === 0) return undefined;
    const [left, right] = [drawPanel(was, site), drawPanel(now, after)];
    return { left, right, moves: drawMoves(left.geometry, right.geometry, steps) };
  }, [was, now, site, after, steps]);
  const current = drawn?.moves.marks.find((mark) => mark.step === step);
  const size = drawn && sheetSize((found ? drawn.left : drawn.right).geometry);
  const box = found ? current?.from : current?.to;
  const view = size && pannedTo(box ?? current?.from ?? current?.to, size);
  return (
    <div className="mt-2 grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
      {drawn && !narrow && (
        <svg
          viewBox={`-0.4 -1.5 ${drawn.moves.width + 0.8} ${drawn.moves.height + 1.9}`}
          className="w-full"
          role="img"
          aria-label={`As found at the left, after the work at the right: ${steps[step - 1]?.says ?? ''}`}
        >
          <Heading x={0}>As found</Heading>
          <Heading x={drawn.moves.shift}>After, judged as it would be</Heading>
          <g id="as-found">
            <Shapes shapes={drawn.left.shapes} />
          </g>
          <g transform={`translate(${drawn.moves.shift},0)`}>
            <Shapes shapes={drawn.right.shapes} />
          </g>
          {drawn.moves.marks.map((mark) =>
            mark.step === step ? null : <Leader key={mark.step} mark={mark} choose={setStep} />,
          )}
          {current && <Leader mark={current} choose={setStep} current />}
          {motion && current && <Travelling key={step} mark={current} of="as-found" />}
        </svg>
      )}
      {drawn && size && view && narrow && (
        <figure>
          <svg
            viewBox={`-0.2 0 ${size.width + 0.4} ${view.height}`}
            className="w-full"
            role="img"
            aria-label={`${found ? 'As found' : 'After the work'}: ${steps[step - 1]?.says ?? ''}`}
          >
            <g
              style={{
                transform: `translateY(${-view.y}px)`,
                transition: motion ? 'transform 400ms' : undefined,
              }}
            >
              <Shapes shapes={(found ? drawn.left : drawn.right).shapes} />
              {current && box && (
                <g transform={`translate(${found ? 0 : -drawn.moves.shift},0)`}>
                  <Frame box={box} current />
                </g>
              )}
            </g>
          </svg>
          <figcaption className="mt-1 flex items-center justify-between gap-2">
            <button
              className="act"
              disabled={step <= 1}
              onClick={() => setStep(step - 1)}
              aria-label="Step before"
            >
              ←
            </button>
            <button className="act" aria-pressed={found} onClick={() => showFound(!found)}>
              {found ? 'As found' : 'After the work'}
            </button>
            <button
              className="act"
              disabled={step >= steps.length}
              onClick={() => setStep(step + 1)}
              aria-label="Next step"
            >
              →
            </button>
          </figcaption>
        </figure>
      )}
      <ol aria-label="Moves, in this order" className="content-start">
        {steps.map((one, at) => (
          <li key={at} className="border-hair border-b">
            <button
              className={`grid w-full grid-cols-[24px_minmax(0,1fr)] gap-x-2 py-1.5 text-left ${step === at + 1 ? 'bg-app' : ''}`}
              aria-current={step === at + 1 ? 'step' : undefined}
              onClick={() => setStep(at + 1)}
            >
              <span
                className={`grid size-6 place-items-center rounded-full border font-bold ${step === at + 1 ? 'bg-accent border-accent text-on-accent' : 'border-accent text-accent'}`}
              >
                {at + 1}
              </span>
              <span>
                {one.says}
                {one.asks && (
                  <span className="border-line text-ink2 ml-1 border border-dashed px-1">
                    look first: {one.asks}
                  </span>
                )}
              </span>
            </button>
          </li>
        ))}
      </ol>
    </div>
  );
}

const Heading = ({ x, children }: { x: number; children: string }) => (
  <text x={x} y={-0.85} fontSize={0.6} fontWeight={700} fill="var(--ink)">
    {children}
  </text>
);
