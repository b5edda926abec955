/** IANA names of all time zones, world time first. */
export const timeZones: readonly string[] = [
  'UTC',
  ...Intl.supportedValuesOf('timeZone').filter((zone) => zone !== 'UTC'),
];
