import type { Assessment } from '../../judge/assess/assess';

/** Units lengths are asked and shown in: as set out for this visit, else the organisation's. */
export function lengthsOf({
  site,
  settings,
}: Pick<Assessment, 'site' | 'settings'>): 'metric' | 'us' {
  const chosen = site.site ? site.reader.value(site.site, 'units') : undefined;
  return chosen ?? settings.lengths;
}
