'use client';

import { useMemo, useState } from 'react';
import { drawPanel, siteOf } from '@/core';
import type { PlanView } from '@/core';
import { drawMoves } from '@/core/show/drawing/draw-moves';
import { sheetSize } from '@/core/show/drawing/geometry';
import { useBook } from '../Book/context';
import { Shapes } from '../drawing/Shapes';
import { useNarrow } from '../primitives/use-narrow';

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
  const [first, second] = drawn
    ? [sheetSize(drawn.left.geometry), sheetSize(drawn.right.geometry)]
    : [];
  return (
    <div className="mt-2 grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
      {drawn && first && second && !narrow && (
        <svg
          viewBox={`-0.4 -1.5 ${drawn.moves.width + 0.8} ${drawn.moves.height + 1.9}`}
          className="w-full"
          role="img"
          aria-label={`As found at the left, after the work at the right: ${steps[step - 1]?.says ?? ''}`}
        >
          <Heading x={0}>As found</Heading>
          <Heading x={drawn.moves.shift}>After, judged as it would be</Heading>
          <Shapes shapes={drawn.left.shapes} />
          <g transform={`translate(${drawn.moves.shift},0)`}>
            <Shapes shapes={drawn.right.shapes} />
          </g>
          {drawn.moves.marks.map((mark) =>
            mark.step === step ? null : <Leader key={mark.step} mark={mark} choose={setStep} />,
          )}
          {current && <Leader mark={current} choose={setStep} current />}
        </svg>
      )}
      {drawn && first && second && narrow && (
        <figure>
          <svg
            viewBox={
              found
                ? `-0.2 -0.2 ${first.width + 0.4} ${first.height + 0.4}`
                : `-0.2 -0.2 ${second.width + 0.4} ${second.height + 0.4}`
            }
            className="max-h-[46dvh] w-full"
            role="img"
            aria-label={`${found ? 'As found' : 'After the work'}: ${steps[step - 1]?.says ?? ''}`}
          >
            <Shapes shapes={(found ? drawn.left : drawn.right).shapes} />
            {current && (
              <g transform={`translate(${found ? 0 : -drawn.moves.shift},0)`}>
                {[found ? current.from : current.to].map(
                  (box) => box && <Frame key="box" box={box} current />,
                )}
              </g>
            )}
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

type Mark = ReturnType<typeof drawMoves>['marks'][number];

function Leader({
  mark: { step, from, to, leader, node },
  choose,
  current = false,
}: {
  mark: Mark;
  choose(step: number): void;
  current?: boolean;
}) {
  if (!node) return null;
  const d = leader.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x},${y}`).join('');
  return (
    <g opacity={current ? 1 : 0.45} onClick={() => choose(step)} className="cursor-pointer">
      <path d={d} fill="none" stroke="var(--sheet)" strokeWidth={0.24} />
      <path d={d} fill="none" stroke="var(--accent)" strokeWidth={current ? 0.1 : 0.07} />
      {from && <Frame box={from} current={current} />}
      {to && <Frame box={to} current={current} dashed />}
      <circle
        cx={node.x}
        cy={node.y}
        r={0.48}
        fill={current ? 'var(--accent)' : 'var(--sheet)'}
        stroke="var(--accent)"
        strokeWidth={0.08}
      />
      <text
        x={node.x}
        y={node.y + 0.2}
        textAnchor="middle"
        fontSize={0.56}
        fontWeight={700}
        fill={current ? 'var(--on-accent)' : 'var(--accent)'}
      >
        {step}
      </text>
    </g>
  );
}

/** What is left solid, what is not there yet dashed. */
const Frame = ({
  box: { x, y, width, height },
  current,
  dashed = false,
}: {
  box: NonNullable<Mark['from']>;
  current: boolean;
  dashed?: boolean;
}) => (
  <rect
    x={x}
    y={y}
    width={width}
    height={height}
    fill={dashed ? 'var(--accent)' : 'none'}
    fillOpacity={dashed ? 0.12 : 0}
    stroke="var(--accent)"
    strokeWidth={current ? 0.12 : 0.07}
    strokeDasharray={dashed ? '0.3 0.16' : undefined}
  />
);
