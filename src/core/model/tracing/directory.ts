import type { PanelView } from '../../installation/panel/views';
import type { PanelTrace } from './trace-of-panel';

/** What a circuit feeds, by the trace: "kitchen: counter left, sink; hall: lamp". */
export interface DirectoryLine {
  circuit: string;
  words: string;
  outlets: string[];
}

/** The directory as the trace found it, in the order of the circuits; those that feed nothing seen are not in it. */
export function directoryOf(panel: PanelView, { outlets }: PanelTrace): DirectoryLine[] {
  return panel.circuits.flatMap(({ id }) => {
    const fed = outlets.filter(
      ({ decoded }) =>
        decoded.answer === 'exact' && (decoded.is.circuits as readonly string[]).includes(id),
    );
    if (fed.length === 0) return [];
    const rooms = new Map<string, string[]>();
    for (const { room, name } of fed)
      rooms.set(room ?? '', [...(rooms.get(room ?? '') ?? []), name]);
    const words = [...rooms]
      .map(([room, names]) => (room ? `${room}: ${names.join(', ')}` : names.join(', ')))
      .join('; ');
    return { circuit: id, words, outlets: fed.map((one) => one.id) };
  });
}
