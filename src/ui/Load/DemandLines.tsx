import type { LoadSheet } from '@/core/measure/load/load-sheet';

/** Demand by every method that has its facts, each line shown. */
export function DemandLines({ sheet: { demands, wanted, deviceA } }: { sheet: LoadSheet }) {
  return (
    <section aria-labelledby="demand">
      <h3 id="demand" className="text-heading font-bold">
        Demand
      </h3>
      {wanted && <p className="text-ink2">Not worked out: {wanted} is wanted.</p>}
      {demands.map(({ demand, amps }) => (
        <table key={demand.method} className="mt-2 w-full">
          <caption className="text-left">
            <strong>By {demand.method}:</strong> {amps.toFixed(0)} A
            {deviceA !== undefined && ` of ${deviceA} A`}
          </caption>
          <tbody>
            {demand.lines.map(({ words, va }, index) => (
              <tr key={index} className="border-hair border-t">
                <td className="py-0.5">{words}</td>
                <td className="text-right whitespace-nowrap">
                  {Math.round(va).toLocaleString('en')} VA
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </section>
  );
}
