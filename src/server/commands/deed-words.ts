import 'server-only';
import { deeds } from '../db/audit';

/** What a deed is called in a sentence after a name. */
export const deedWords = (did: string): string =>
  Object.hasOwn(deeds, did) ? deeds[did as keyof typeof deeds] : did;
