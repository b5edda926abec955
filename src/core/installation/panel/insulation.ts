import type { ConductorView } from './views';

/** Insulation column by wiring method, °C: 75 at most for this purpose. Undefined = not recorded. */
export function insulationC(conductor: ConductorView): 60 | 75 | undefined {
  // Rubber, cloth and paper are of the time of 60 °C, whatever the method.
  const { insulation } = conductor;
  if (insulation && insulation !== 'plastic') return 60;
  switch (conductor.cable?.kind?.value) {
    case 'nm':
    case 'uf':
    case 'cloth':
    case 'tw':
      return 60;
    case 'se':
    case 'thw':
      return 75;
    default:
      return undefined;
  }
}
