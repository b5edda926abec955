const key = 'east-gate-device';

/** This browser's id among the devices that write entries. */
export function deviceId(): string {
  const known = localStorage.getItem(key);
  if (known) return known;
  const made = crypto.randomUUID();
  localStorage.setItem(key, made);
  return made;
}
