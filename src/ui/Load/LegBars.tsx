import type { LoadSheet } from '@/core/measure/load/load-sheet';
import { ShareBar } from './ShareBar';

/** Legs, sections and shared neutrals, as far as loads are known. */
export function LegBars({ sheet: { legs, sections, neutrals, deviceA } }: { sheet: LoadSheet }) {
  return (
    <section aria-labelledby="legs">
      <h3 id="legs" className="text-heading font-bold">
        Legs, sections, shared neutrals
      </h3>
      <ul className="mt-1">
        {legs.map(({ leg, knownA, clampedA }) => (
          <li key={leg} className="border-hair grid grid-cols-[9rem_1fr] gap-2 border-b py-1">
            <span>
              Leg {leg}:{' '}
              {clampedA === undefined ? `${knownA.toFixed(1)} A known` : `${clampedA} A clamped`}
            </span>
            <ShareBar
              share={deviceA === undefined ? undefined : (clampedA ?? knownA) / deviceA}
              words={deviceA === undefined ? 'main unread' : `${deviceA} A`}
            />
          </li>
        ))}
        {sections.map(({ words, amps, limitA }) => (
          <li key={words} className="border-hair grid grid-cols-[9rem_1fr] gap-2 border-b py-1">
            <span>
              {words}: {amps.toFixed(1)} A
            </span>
            <ShareBar
              share={limitA && amps / limitA}
              words={limitA ? `${limitA} A` : 'no throw of its own'}
            />
          </li>
        ))}
        {neutrals.map(({ words, amps }) => (
          <li key={words} className="border-hair border-b py-1">
            Neutral {words}:{' '}
            {amps === undefined ? 'not known' : <strong>{amps.toFixed(1)} A</strong>}
          </li>
        ))}
      </ul>
    </section>
  );
}
