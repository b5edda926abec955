'use client';

import { ChevronDown, ChevronUp } from 'lucide-react';
import { useBook, useInHand } from '../../Book/context';

/** The heading of a position with the steps to its neighbours. */
export function PositionHeading({
  label,
  title,
  under,
}: {
  label: string;
  title: string;
  under: string;
}) {
  const { panel, actions } = useBook();
  const { selection } = useInHand();
  const numbers = [
    ...new Set(panel.positions.map((position) => position.devices[0]?.number ?? position.number)),
  ];
  const at =
    selection.kind === 'position'
      ? numbers.indexOf(
          panel.positions.find((one) => one.number === selection.number)?.devices[0]?.number ??
            selection.number,
        )
      : 0;
  const go = (step: number) => {
    const number = numbers[at + step];
    if (number !== undefined) actions.select({ kind: 'position', number });
  };
  return (
    <div className="flex items-start gap-3">
      <span className={`leading-none font-bold ${label.length > 4 ? 'text-lg' : 'text-3xl'}`}>
        {label}
      </span>
      <div className="min-w-0 flex-1">
        <h2 className="text-heading truncate font-bold">{title}</h2>
        <p className="text-ink2">{under}</p>
      </div>
      <button
        className="act w-12 shrink-0"
        onClick={() => go(-1)}
        disabled={at <= 0}
        aria-label="Previous position"
      >
        <ChevronUp size={18} aria-hidden="true" />
      </button>
      <button
        className="act w-12 shrink-0"
        onClick={() => go(1)}
        disabled={at >= numbers.length - 1}
        aria-label="Next position"
      >
        <ChevronDown size={18} aria-hidden="true" />
      </button>
    </div>
  );
}
