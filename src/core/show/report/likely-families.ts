import type { Assessment } from '../../judge/assess/assess';
import { traitNames, traits } from '../../codes/families/family';
import { familiesOfNameplate } from '../../codes/families/nameplate';
import { panelFamilies } from '../../installation/likely-family/panel-families';
import { distressIn } from '../../installation/panel/distress';
import type { ReportNote } from './report';

/** A family is told as likely from this probability on, by this many traits. */
const likely = 0.7;
const fewestTraits = 2;

/**
 * Panels whose label names no family of the registry, which by their construction are likely of one with
 * a bad history, and in which damage is recorded. Told, not found: the nameplate decides that.
 */
export function likelyFamilies(
  { site, settings }: Assessment,
  nameOf: (author: string) => string,
): ReportNote[] {
  const { reader } = site;
  return site.panels.flatMap((panel) => {
    const maker = reader.value(panel.id, 'maker');
    const model = reader.value(panel.id, 'model');
    if (maker && familiesOfNameplate(settings.families, maker, model ?? undefined).length > 0)
      return [];
    const damage = distressIn(panel, reader);
    const { ranked, seen } = panelFamilies(site, panel.id, settings);
    const looks = traitNames.flatMap((trait) => {
      const value = seen[trait];
      const words: Readonly<Record<string, string>> = traits[trait].values;
      return value ? `${traits[trait].words.toLowerCase()}: ${words[value]}` : [];
    });
    const [best] = ranked;
    if (!damage || !best?.family.hazard || best.probability < likely) return [];
    if (looks.length < fewestTraits) return [];
    const { name, history } = best.family;
    return {
      about: panel.name,
      words:
        `By its construction (${looks.join('; ')}) this panel is likely a ${name.toLowerCase()}; ` +
        'its label does not settle that. ' +
        `Of this construction it is known that ${history}. ` +
        'Heat, arcing, looseness or a failed trip is recorded in it: have a licensed electrician tell its family and look at every breaker.',
      by: nameOf(damage.author),
    };
  });
}
