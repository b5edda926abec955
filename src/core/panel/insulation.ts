import type { ConductorView } from './views';

/** Insulation column by wiring method, °C: 75 at most for this purpose. Undefined = not recorded. */
export function insulationC(conductor: ConductorView): 60 | 75 | undefined {
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
