import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import type { ConductorView } from '../../../installation/panel/views';
import { largestDeviceA } from '../../../codes/yardstick/conductor-limit';
import type { CablePlace } from '../../check/places';
import type { Scene } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

const worse = { severity: 4, likelihood: 3 } as const;

/** 394: open wiring on knobs and tubes, permitted only where it stands. */
export const porcelainWiring = defineRule({
  id: 'conductor/porcelain-wiring',
  title: 'Open wiring on porcelain in use',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  existingOnly: true,
  obsolete: true,
  behindCover: true,
  finds:
    'Single wires on knobs and tubes in use. Permitted while untouched; spliced into cable, covered by insulation, with a switched neutral, or on a device larger than the wire allows, it is graver.',
  example: '`1 f15 14cu in:porcelain lights, loft`.',
  sources: [
    { code: '394.10', says: 'concealed knob-and-tube wiring, only extensions of existing' },
  ],
  remedies: ['smaller-device-for-porcelain', 'new-wiring'],
  messages: {
    open: {
      short: '{place}: open wiring on porcelain',
      seen: '{place} is open wiring on porcelain, in use.',
      why: 'It has no ground, its insulation is of the age of the house, and nothing may be added to it.',
      ask: 'A date for new wiring; until then nothing added to it and nothing laid over it.',
    },
    worse: {
      short: '{place}: open wiring on porcelain, {how}',
      seen: '{place} is open wiring on porcelain; it is {how}.',
      why: 'It was made to cool in free air and carry little; {how}, it no longer does.',
      ask: 'This part renewed first.',
    },
  },
  asks: 'cable',
  places: ({ places }) => places.cables,
  check(place, scene) {
    const { reader } = scene.site;
    const { kind } = place.cable;
    if (!kind) return notSeen(want(place.cable.id, 'cableKind', 'see what wiring method it is'));
    if (kind.value !== 'porcelain') return clear(properties.cableKind.choices[kind.value], kind);
    const states = reader.fact(place.cable.id, 'porcelainState');
    const over = overProtected(place, scene);
    const words = (states?.value ?? []).map((one) => properties.porcelainState.choices[one]);
    if (over && !states?.value.includes('over-protected')) words.push('over-protected');
    if (words.length === 0)
      return found('open', {}, [kind, states], {
        ...(!states && {
          wants: [
            want(place.cable.id, 'porcelainState', 'look for splices and insulation over it'),
          ],
        }),
      });
    return found('worse', { how: listed(words) }, [kind, states, ...(over ?? [])], {
      base: { ...worse, because: listed(words) },
    });
  },
});

/** Rating and size where the device on it is larger than its wire allows. */
function overProtected({ conductors }: CablePlace, { panel, yardstick }: Scene) {
  const terminalOf = (conductor: ConductorView) =>
    conductor.landsOn?.value ? panel.terminals.get(conductor.landsOn.value) : undefined;
  for (const conductor of conductors) {
    const { size, metal } = conductor;
    const terminal = terminalOf(conductor);
    if (!size || !metal || terminal?.handleA === undefined) continue;
    const limit = largestDeviceA(yardstick, metal.value, size.value, 60, false) ?? 0;
    if (terminal.handleA > limit) return [terminal.ratingA, size, metal];
  }
  return undefined;
}
