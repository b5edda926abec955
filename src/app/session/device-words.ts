/** What a browser calls itself, in words such as "Chromium on Linux"; of no consequence but to be recognised. */
export function deviceWords(userAgent: string | null): string {
  const said = userAgent ?? '';
  const browser = browsers.find(([sign]) => said.includes(sign))?.[1] ?? 'A browser';
  const system = systems.find(([sign]) => said.includes(sign))?.[1];
  return system ? `${browser} on ${system}` : browser;
}

/** In this order: most of them say the names of others too. */
const browsers = [
  ['Firefox/', 'Firefox'],
  ['Edg/', 'Edge'],
  ['OPR/', 'Opera'],
  ['Chrome/', 'Chromium'],
  ['Safari/', 'Safari'],
] as const;

const systems = [
  ['Android', 'Android'],
  ['iPhone', 'iPhone'],
  ['iPad', 'iPad'],
  ['CrOS', 'ChromeOS'],
  ['Windows', 'Windows'],
  ['Mac OS X', 'macOS'],
  ['Linux', 'Linux'],
] as const;
