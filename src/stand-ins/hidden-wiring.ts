import type { PanelView } from '@/core/installation/panel/views';
import type { Hypothesis } from '@/core/model/tracing/decode';

/** What feeds each outlet of a house of the demo, by printed numbers: one, either of two (|), or both (+). */
const wiring: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  ropewalk: {
    'rope-o-hall-lamp': '3',
    'rope-o-hall-outlet-by-the-door': '1',
    'rope-o-hall-bell': '3',
    'rope-o-spinning-floor-lamps-north': '6',
    'rope-o-spinning-floor-lamps-south': '9',
    'rope-o-spinning-floor-outlet-1': '2',
    'rope-o-spinning-floor-outlet-2': '4',
    'rope-o-spinning-floor-outlet-3': '5',
    /** A motor of 240 V on two breakers without a tie. */
    'rope-o-spinning-floor-hoist': '7+8',
    'rope-o-tar-house-lamp': '12',
    'rope-o-tar-house-extractor': '10',
    'rope-o-tar-house-outlet': '11',
    'rope-o-office-lamp': '15',
    'rope-o-office-desk-outlets': '13',
    'rope-o-office-printer-outlet': '13',
    'rope-o-office-heater': '14',
    'rope-o-kitchen-counter-left': '16',
    'rope-o-kitchen-counter-right': '17',
    'rope-o-kitchen-fridge': '19',
    'rope-o-kitchen-dishwasher': '20',
    'rope-o-kitchen-lamp': '18',
    'rope-o-wash-room-lamp': '21',
    'rope-o-wash-room-mirror-outlet': '22',
    'rope-o-wash-room-water-heater': '23',
    'rope-o-loft-lamp': '24',
    /** Fed from two ends: a ring that somebody closed. */
    'rope-o-loft-outlets': '25|28',
    'rope-o-loft-fan': '26',
    'rope-o-yard-gate-lamp': '27',
    'rope-o-yard-pump': '25',
    'rope-o-yard-outlet': '28',
  },
};

/** What feeds each outlet of an inspection in this panel. */
export function hiddenWiring(inspection: string, panel: PanelView): Map<string, Hypothesis> {
  const circuitAt = (label: string) => {
    const circuit = panel.circuits.find(({ terminals }) =>
      terminals.some((ref) => panel.terminals.get(ref)?.label === label),
    );
    if (!circuit) throw new Error(`no circuit at ${label}`);
    return circuit.id;
  };
  return new Map(
    Object.entries(wiring[inspection] ?? {}).map(([outlet, words]): [string, Hypothesis] => {
      const [one, other] = words.split(/[|+]/).map(circuitAt) as [string, string?];
      if (other === undefined) return [outlet, { kind: 'single', circuits: [one] }];
      const kind = words.includes('|') ? 'second-supply' : 'joined';
      return [outlet, { kind, circuits: [one, other] }];
    }),
  );
}
