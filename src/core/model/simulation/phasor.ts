/** A voltage or current of one frequency: root mean square, turned by its phase. */
export interface Phasor {
  re: number;
  im: number;
}

export const zero: Phasor = { re: 0, im: 0 };
/** @param degrees anticlockwise */
export const phasor = (size: number, degrees = 0): Phasor => ({
  re: size * Math.cos((degrees * Math.PI) / 180),
  im: size * Math.sin((degrees * Math.PI) / 180),
});
export const plus = (a: Phasor, b: Phasor): Phasor => ({ re: a.re + b.re, im: a.im + b.im });
export const minus = (a: Phasor, b: Phasor): Phasor => ({ re: a.re - b.re, im: a.im - b.im });
export const scaled = (a: Phasor, by: number): Phasor => ({ re: a.re * by, im: a.im * by });
export const sizeOf = ({ re, im }: Phasor): number => Math.hypot(re, im);
/** Power of a voltage and a current, W: what is turned to heat or work. */
export const wattsOf = (volts: Phasor, amps: Phasor): number =>
  volts.re * amps.re + volts.im * amps.im;
