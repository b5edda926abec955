import { traits } from '@/core/codes/families/family';
import { panelFamilies } from '@/core/installation/likely-family/panel-families';
import { useBook } from '../../Book/context';

const shown = 3;

/** Which construction family the panel is likely of, by the traits recorded, and what to look at next. */
export function FamilyGuess() {
  const { state, panel } = useBook();
  const { site, settings } = state.assessment;
  const { ranked, next, seen } = panelFamilies(site, panel.id, settings);
  const looked = Object.keys(seen).length;
  return (
    <section className="border-hair border-t pt-2" aria-label="Family by its construction">
      <h3 className="font-bold">Family by its construction</h3>
      {looked === 0 ? (
        <p className="text-ink2">No trait recorded yet.</p>
      ) : (
        <ol>
          {ranked.slice(0, shown).map(({ family, probability }) => (
            <li key={family.id} className="grid grid-cols-[1fr_90px_3rem] items-center gap-2">
              <span>
                {family.name}
                {family.hazard && <span className="text-ink2">, with a history</span>}
              </span>
              <span className="border-line h-2 border" aria-hidden="true">
                <span
                  className="bg-accent block h-full"
                  style={{ width: `${probability * 100}%` }}
                />
              </span>
              <span className="text-right">{Math.round(probability * 100)} %</span>
            </li>
          ))}
        </ol>
      )}
      {next && (
        <p className="mt-1">
          Look next at: {traits[next.trait].words.toLowerCase()}.{' '}
          <span className="text-ink2">It is expected to tell {next.bits.toFixed(1)} bits.</span>
        </p>
      )}
      <p className="text-ink2">By likelihood alone nothing is found; the nameplate decides that.</p>
    </section>
  );
}
