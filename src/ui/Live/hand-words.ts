import type { Hand } from '@/core/fieldwork/hand/hand';
import { stages } from '@/core/fieldwork/walk/stages';
import type { SiteView } from '@/core/installation/panel/site-view';
import { thingWords } from '@/core/installation/panel/thing-words';
import { refOfSelection } from '../Book/selected-ref';

/**
 * "at Breaker 14", "at stage 3, Outside": what somebody has in hand, as this device calls it.
 * @param here the panel in hand on this device, which is not named
 */
export function handWords(hand: Hand | undefined, site: SiteView, here?: string): string {
  if (!hand) return 'has it open';
  const { selection } = hand;
  const panel = site.panels.find(({ id }) => id === hand.panel);
  const name = panel && panel.id !== here ? `, ${panel.name}` : '';
  if (selection.kind === 'stage') {
    const stage = stages.find(({ number }) => number === selection.stage);
    return stage ? `at stage ${stage.number}, ${stage.name}${name}` : 'has it open';
  }
  if (!panel) return 'at a panel that is not here yet';
  if (selection.kind === 'position') {
    const position = panel.positions.find(({ number }) => number === selection.number);
    if (position?.devices.length === 0) return `at position ${selection.number}${name}`;
  }
  const ref = refOfSelection(selection, panel);
  return ref === undefined
    ? `at position ${'number' in selection ? selection.number : ''}${name}`
    : `at ${thingWords(ref, site)}${name}`;
}

/** "BO" of Bram Oosterling: on the drawing, where there is no room. */
export const initialsOf = (name: string): string =>
  name
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => word[0]!.toUpperCase())
    .slice(0, 2)
    .join('') || '?';
