import { isValid, parseISO } from 'date-fns';
import { familiesOfNameplate } from '../../codes/families/nameplate';
import type { FactReader } from '../../record/entries/fact-reader';
import type { Scene } from '../check/rule';

/** A day by the calendar, YYYY-MM-DD, and what it is the day of. */
export interface Due {
  on: string;
  because: string;
}

const isDay = (text: string | undefined): text is string =>
  text !== undefined && /^\d{4}-\d{2}-\d{2}$/.test(text) && isValid(parseISO(text));

/** Day of the next planned visit of an electrician. */
export function nextVisit(reader: FactReader, site: string | undefined): Due | undefined {
  const on = site && reader.value(site, 'plannedVisit');
  return isDay(on) ? { on, because: 'next planned visit of an electrician' } : undefined;
}

/** The soonest of the planned works, the sale, and the expected end of life. */
export function renewalDay({ site, panel, settings }: Scene): Due | undefined {
  const { reader } = site;
  const days: Due[] = [];
  const works = site.site && reader.value(site.site, 'plannedWorksOn');
  const sale = site.site && reader.value(site.site, 'saleOn');
  if (isDay(works)) days.push({ on: works, because: 'planned works' });
  if (isDay(sale)) days.push({ on: sale, because: 'sale' });
  const maker = reader.value(panel.id, 'maker');
  const model = reader.value(panel.id, 'model');
  const year = reader.value(panel.id, 'yearBuilt') ?? reader.value(panel.building, 'yearBuilt');
  const [family] = maker && model ? familiesOfNameplate(settings.families, maker, model) : [];
  if (family?.expectedLifeYears && year !== undefined)
    days.push({
      on: `${year + family.expectedLifeYears}-12-31`,
      because: 'expected end of life of its family',
    });
  return days.length === 0 ? undefined : days.reduce((a, b) => (b.on < a.on ? b : a));
}
