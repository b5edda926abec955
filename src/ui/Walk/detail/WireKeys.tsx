'use client';

import { useState } from 'react';
import type { Size } from '@/core/vocabulary/size';

const first = ['14', '12', '10', '8'] as const satisfies readonly Size[];
/** Leads of doorbells and thermostats. */
const leads = ['18', '16'] as const satisfies readonly Size[];
const larger = ['6', '4', '3', '2', '1', '1/0', '2/0'] as const satisfies readonly Size[];

interface WireKeysProps {
  /** For a screen reader: where the wire goes, "to screw 7". */
  to: string;
  metal: 'cu' | 'al';
  setMetal(metal: 'cu' | 'al'): void;
  /** The size chosen for what is put here next. */
  chosen?: Size | undefined;
  add(size: Size): void;
}

/** One touch for a wire: the common sizes at once, the larger ones behind them in the same row. */
export function WireKeys({ to, metal, setMetal, chosen, add }: WireKeysProps) {
  const [large, setLarge] = useState(false);
  const words = metal === 'cu' ? 'copper' : 'aluminium';
  return (
    <div
      className={`grid gap-1.5 ${large ? 'grid-cols-5' : 'grid-cols-6'}`}
      role="group"
      aria-label={`Add a wire ${to}`}
    >
      {(large ? [...leads, ...first, ...larger] : first).map((size) => (
        <button
          key={size}
          className="act px-1!"
          aria-pressed={chosen === undefined ? undefined : chosen === size}
          onClick={() => add(size)}
          aria-label={`Add wire ${size} ${words} ${to}`}
        >
          +{size}
        </button>
      ))}
      {!large && (
        <button
          className="act px-1!"
          onClick={() => setLarge(true)}
          aria-label="Larger wires, and thin leads"
        >
          +6 …
        </button>
      )}
      <button
        className="act px-1!"
        onClick={() => setMetal(metal === 'cu' ? 'al' : 'cu')}
        aria-label={`Metal of added wires: ${words}`}
      >
        <svg width="10" height="10" aria-hidden="true">
          <circle
            cx="5"
            cy="5"
            r="4.5"
            fill={`var(--d-wire-${metal === 'cu' ? 'bare' : 'aluminium'})`}
          />
        </svg>
        {metal === 'cu' ? 'Cu' : 'Al'}
      </button>
    </div>
  );
}
