import { roomCard } from '@/core/measure/load/room-card';
import { useBook } from '../Book/context';

const numbers = (list: readonly number[]) => (list.length === 0 ? 'none' : list.join(', '));
const count = (value: number | undefined) => (value === undefined ? 'not seen' : String(value));

/** Room left in the panel: positions, tandem places, screws, circuits by the label. */
export function RoomLeft() {
  const { state, panel } = useBook();
  const card = roomCard(state.assessment.site, panel);
  const rows: [string, string][] = [
    ['Positions without a breaker', numbers(card.freePositions)],
    [
      'That take a tandem, by the label',
      card.tandemPositions ? numbers(card.tandemPositions) : 'label not read',
    ],
    ['Circuits left, by the label', count(card.circuitsLeft)],
    ['Neutral screws free', count(card.freeNeutrals)],
    ['Ground screws free', count(card.freeGrounds)],
  ];
  return (
    <section aria-labelledby="room-left">
      <h3 id="room-left" className="text-heading font-bold">
        Room left in {panel.name}
      </h3>
      <dl className="mt-1">
        {rows.map(([term, words]) => (
          <div
            key={term}
            className="border-hair grid grid-cols-[14rem_1fr] gap-2 border-b py-1 max-sm:grid-cols-2"
          >
            <dt className="text-ink2">{term}</dt>
            <dd className="font-semibold">{words}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
