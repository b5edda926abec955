import type { TerminalPlace } from '../../check/places';
import { worstPole } from '../../check/poles';
import type { Outcome, Scene } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

const base = { severity: 4, likelihood: 3 } as const;

/** 110.12(B): heat at a branch terminal, whatever caused it. */
export const burnedTerminal = defineRule({
  id: 'breaker/burned-terminal',
  title: 'Heat at the screw of a breaker or fuse',
  stage: 8,
  hazards: ['fire'],
  base,
  behindCover: true,
  finds:
    'A heat mark at the screw of a branch breaker or fuse, or on the device; a device looked at clears itself, not its screw; melted or charred is close to happening. Where another finding names the cause, this becomes its evidence.',
  example: '`4 f15 14cu !heat`: brown insulation at the screw.',
  sources: [{ code: '110.12(B)', says: 'no damaged or burned parts' }],
  remedies: ['load-checked-first', 'end-cut-back-new-device'],
  remediesInOrder: true,
  messages: {
    hot: {
      short: '{at}: heat mark',
      seen: '{at} shows a heat mark.',
      why: 'This joint has been hot before: a loose screw, too much load, or a worn device.',
      ask: 'The cause found, then the end cut back and the joint re-made.',
    },
    burned: {
      short: '{at}: melted or charred',
      seen: '{at} is melted or charred.',
      why: 'This joint is burning away; the next hour of load may light it.',
      ask: 'The circuit switched off and left off until a licensed electrician has mended it.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.poles,
  quiet: {
    unless: ['melted', 'heatMark'],
    property: 'heatMark',
    say: 'look for heat at the screw',
  },
  check: worstPole(heatAtScrew, base),
});

function heatAtScrew({ terminal, label: at }: TerminalPlace, { site: { reader } }: Scene): Outcome {
  const abouts = [terminal.ref, terminal.device.id, ...terminal.conductors.map((one) => one.id)];
  let seen;
  for (const about of abouts) {
    const melted = reader.fact(about, 'melted');
    if (melted?.value)
      return found('burned', { at }, [melted], {
        base: { severity: 4, likelihood: 4, because: 'melted or charred' },
      });
    seen ??= melted;
  }
  for (const about of abouts) {
    const mark = reader.fact(about, 'heatMark');
    if (mark?.value) return found('hot', { at }, [mark]);
    if (about === terminal.ref && mark) seen = mark;
  }
  if (!reader.fact(terminal.ref, 'heatMark'))
    return notSeen(want(terminal.ref, 'heatMark', 'look for heat at the screw'));
  return clear('no heat mark', seen);
}
