import { namesIn } from '../../vocabulary/fill';
import { canonicalJson } from '../../vocabulary/canonical';
import { amendments as shippedAmendments } from '../../codes/yardstick';
import { ruleById } from '../../judge/rules';
import type { Settings } from '../../codes/settings/settings';
import { startingSettings } from '../../codes/settings/settings';

/** What an organisation changed from what is shipped, in words, for the report and the library. */
export function settingsDifferences(settings: Settings): string[] {
  const shipped = startingSettings(settings.organisation);
  const lines: string[] = [];
  for (const id of settings.amendments) {
    const amendment = shippedAmendments[id];
    if (amendment) lines.push(...amendment.says.map((says) => `${amendment.title}: ${says}.`));
  }
  const { mostTandems } = settings.house;
  if (mostTandems !== null) lines.push(`House limit: at most ${mostTandems} tandems in a panel.`);
  if (settings.adoptionYears !== null)
    lines.push(`Editions counted as in force ${settings.adoptionYears} years after they came out.`);
  for (const grade of ['urgent', 'repair', 'plan'] as const)
    if (settings.deadlineDays[grade] !== shipped.deadlineDays[grade])
      lines.push(
        `Deadline of ${grade}: ${settings.deadlineDays[grade]} days instead of ${shipped.deadlineDays[grade]}.`,
      );
  for (const [rule, messages] of Object.entries(settings.wording))
    if (Object.keys(messages).length > 0)
      lines.push(`Own wording: ${ruleById.get(rule)?.title ?? rule}.`);
  const registry = ({ families, recalls }: Settings) => canonicalJson({ families, recalls });
  if (registry(settings) !== registry(shipped))
    lines.push(`Registry of families and recalls: version ${settings.familiesVersion}, changed.`);
  return lines;
}

/** Where own wording speaks of a rule, message or figure that is not there. */
export function wordingFaults(wording: Settings['wording']): string[] {
  return Object.entries(wording).flatMap(([rule, messages]) => {
    const known = ruleById.get(rule);
    if (!known) return [`no rule ${rule}`];
    return Object.entries(messages).flatMap(([message, parts]) => {
      const shipped = known.messages[message];
      if (!shipped) return [`${rule} has no message ${message}`];
      const names = new Set(['place', ...Object.values(shipped).flatMap(namesIn)]);
      return Object.entries(parts).flatMap(([part, text]) =>
        namesIn(text ?? '')
          .filter((name) => !names.has(name))
          .map(
            (name) =>
              `${rule}, ${part}: {${name}} is not one of ${[...names].map((one) => `{${one}}`).join(' ')}`,
          ),
      );
    });
  });
}
