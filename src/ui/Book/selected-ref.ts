import { terminalRef } from '@/core/record/entries/thing-types';
import type { PanelView } from '@/core/installation/panel/views';
import type { Selection } from './context';

/** The thing or part in hand, as entries name it. */
export function refOfSelection(selection: Selection, panel: PanelView): string | undefined {
  switch (selection.kind) {
    case 'thing':
      return selection.ref;
    case 'screw':
      return terminalRef(selection.bar, selection.number);
    case 'position': {
      const position = panel.positions.find((one) => one.number === selection.number);
      return position && (position.devices[0]?.id ?? position.ref);
    }
    default:
      return panel.id;
  }
}
