import { scopeOf, scopes } from '@/core/judge/scope/scopes';
import { properties } from '@/core/record/entries/properties';
import { useBook } from '../../Book/context';

/** What the licence of who is signed in proposes for the visit, until something was agreed. */
export function ProposedScope() {
  const { state, who, actions } = useBook();
  const { site } = state.assessment;
  if (scopeOf(site).recorded || who.scope === undefined || site.site === undefined) return null;
  const about = site.site;
  const { scope } = who;
  return (
    <p className="grid gap-1">
      <button
        className="act act-main"
        onClick={() => void actions.observe(about, { scope }, 'told')}
      >
        Agreed: {properties.scope.choices[scope]}
      </button>
      <span className="text-caption text-ink2">
        Proposed by {who.licence ? `licence ${who.licence}` : 'your licence'}: {scopes[scope].says}.
        Another is chosen below.
      </span>
    </p>
  );
}
