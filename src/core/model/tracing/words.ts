import type { PanelView } from '../../installation/panel/views';
import type { Decoded, Hypothesis } from './decode';

/** "17", "9+11", "13a" of a circuit's breaker. */
export function breakerOf(panel: PanelView, circuit: string): string {
  const refs = panel.circuits.find(({ id }) => id === circuit)?.terminals ?? [];
  const terminals = refs.flatMap((ref) => panel.terminals.get(ref) ?? []);
  return (
    [
      ...new Set(terminals.map(({ device, label }) => (refs.length > 1 ? device.label : label))),
    ].join(' and ') || 'a circuit without a breaker'
  );
}

export function hypothesisWords(is: Hypothesis, panel: PanelView): string {
  const [one, other] = is.circuits.map((circuit) => breakerOf(panel, circuit));
  switch (is.kind) {
    case 'single':
      return `breaker ${one}`;
    case 'joined':
      return `breakers ${one} and ${other} together: dead with either off`;
    case 'second-supply':
      return `breakers ${one} and ${other}, each alone: dead only with both off`;
    case 'none':
      return 'none that was switched off: another panel, another supply, or one that stays on';
  }
}

/** What a decoding says, conflicts explained. */
export function decodedWords(decoded: Decoded, panel: PanelView): string {
  switch (decoded.answer) {
    case 'exact':
      return hypothesisWords(decoded.is, panel);
    case 'open':
      return `${decoded.could.length} things could be, ${decoded.rounds.length > 0 ? `should round ${decoded.rounds.join(' or ')} be seen wrong, ` : ''}such as ${hypothesisWords(decoded.could[0]!, panel)}: one more round${decoded.rounds.length > 0 ? ', or those again,' : ''} tells`;
    case 'repeat':
      return `nothing fits what was seen; with round ${decoded.rounds.join(' and ')} seen the other way it would be ${hypothesisWords(decoded.then, panel)}: repeat that round`;
    case 'unclear':
      return decoded.because;
  }
}
