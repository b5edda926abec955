import type { BarScrew } from './line';

const item = /^(?:(\d+)\.)?(\d+)(@[gn])?$/i;

/**
 * `4`, `4@g`, `2.4` (screw 4 of the second bar), `5/6` (of each circuit), `7+8` (of each cable
 * under one screw). Undefined where it is none of these.
 */
export function readScrews(text: string, home: BarScrew['bar']): BarScrew[][] | undefined {
  const circuits = text.split('/').map((circuit) =>
    circuit.split('+').map((one): BarScrew | undefined => {
      const match = item.exec(one);
      if (!match) return undefined;
      const [, nth, number, other] = match;
      const bar = other ? (/g/i.test(other) ? 'ground' : 'neutral') : home;
      return { bar, ...(nth && { nth: Number(nth) }), number: Number(number) };
    }),
  );
  return circuits.flat().includes(undefined) ? undefined : (circuits as BarScrew[][]);
}

export function printScrews(circuits: readonly BarScrew[][], home: BarScrew['bar']): string {
  const one = ({ bar, nth, number }: BarScrew) =>
    `${nth ? `${nth}.` : ''}${number}${bar === home ? '' : `@${bar.charAt(0)}`}`;
  return circuits.map((cables) => cables.map(one).join('+')).join('/');
}

export const screwWords = (circuits: readonly BarScrew[][]) =>
  circuits
    .map((cables) =>
      cables
        .map(({ bar, nth, number }) => `${bar}${nth ? ` bar ${nth}` : ''} screw ${number}`)
        .join(' and '),
    )
    .join(' / ');
