import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** A receptacle with its own protection. */
export const outletProtected: Ways = (here) =>
  one(here, (work) => {
    const known = here.reader.value(here.ref, 'outletProtection');
    if (known === undefined || known === 'none') work.say(here.ref, { outletProtection: 'own' });
  });
