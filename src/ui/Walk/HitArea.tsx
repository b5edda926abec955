'use client';

import type { KeyboardEvent } from 'react';

interface HitAreaProps {
  box: { x: number; y: number; width: number; height: number };
  label: string;
  selected: boolean;
  /** In the order of Tab; the rest is reached by arrows or from the detail. */
  focusable?: boolean;
  position?: number;
  onTouch(): void;
}

/** A place on the drawing that can be touched, or pressed with Enter. */
export function HitArea({
  box,
  label,
  selected,
  focusable = true,
  position,
  onTouch,
}: HitAreaProps) {
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onTouch();
  };
  return (
    <rect
      {...box}
      data-position={position}
      data-selected={selected}
      rx={0.05}
      className="cursor-pointer outline-none focus-visible:stroke-(--accent)"
      fill="transparent"
      stroke={selected ? 'var(--accent)' : 'transparent'}
      strokeWidth={0.1}
      role="button"
      aria-label={label}
      aria-pressed={selected}
      tabIndex={focusable ? 0 : -1}
      onKeyDown={onKeyDown}
      onClick={(event) => {
        onTouch();
        event.currentTarget.focus();
      }}
    />
  );
}
