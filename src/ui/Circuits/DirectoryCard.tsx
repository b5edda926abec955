'use client';

import { openings } from '@/core/vocabulary/openings';
import { deviceCircuitWords } from '@/core/installation/panel/words';
import { formOf } from '@/core/vocabulary/device-forms';
import type { DeviceView, PositionView } from '@/core/installation/panel/views';
import { useBook } from '../Book/context';

/** The circuit directory as a card for the door: both columns as they stand in the panel. */
export function DirectoryCard() {
  const { state, panel } = useBook();
  const { site } = state.assessment;
  const rows = Array.from({ length: panel.layout.rows }, (_, index) =>
    panel.positions.filter((position) => position.row === index + 1),
  );
  if (rows.length === 0) return null;
  return (
    <section aria-labelledby="directory" className="directory-card">
      <div className="flex items-baseline justify-between">
        <h3 id="directory" className="font-bold">
          Circuit directory: {site.name}, {panel.name}
        </h3>
        <button className="act print:hidden" onClick={() => window.print()}>
          Print the card
        </button>
      </div>
      <table className="border-ink mt-2 w-full table-fixed border-2">
        <caption className="sr-only">What each position feeds</caption>
        <tbody>
          {rows.map((positions, index) => (
            <tr key={index} className="border-hair border-b">
              {positions.map((position) => (
                <DirectoryCell key={position.ref} position={position} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-caption mt-1">
        The supply side of the main stays live when the main is off. Work is for licensed people.
      </p>
    </section>
  );
}

function DirectoryCell({ position }: { position: PositionView }) {
  const words =
    position.devices.length === 0
      ? position.opening
        ? openings[position.opening.value].directory
        : 'not recorded'
      : position.devices.map(feedsWords).join(' / ');
  const rating = position.devices[0]?.terminals[0]?.ratingA?.value.join('/');
  return (
    <>
      <th scope="row" className="border-hair w-10 border-l px-2 py-1 text-right">
        {position.number}
      </th>
      <td className={`px-2 py-1 ${position.devices.length === 0 ? 'text-ink2' : ''}`}>{words}</td>
      <td className="w-16 px-2 py-1 text-right">{rating ? `${rating} A` : ''}</td>
    </>
  );
}

const feedsWords = (device: DeviceView) =>
  deviceCircuitWords(device) ||
  (formOf(device.form).noHandle ? formOf(device.form).short : 'no name');
