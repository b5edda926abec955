/** "0.4 A", "12 A": two figures below ten, whole above. */
export const ampsWords = (amps: number): string =>
  amps < 0.01 ? '0 A' : `${amps < 10 ? Number(amps.toPrecision(2)) : Math.round(amps)} A`;
/** "0.20 V", "96 V". */
export const voltsWords = (volts: number): string =>
  `${volts < 1 ? volts.toFixed(2) : volts < 10 ? volts.toFixed(1) : Math.round(volts)} V`;
