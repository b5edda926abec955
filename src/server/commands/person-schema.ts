import 'server-only';
import * as v from 'valibot';
import { permissions } from '@/core/vocabulary/permission';
import type { ScopeName } from '@/core/judge/scope/scopes';
import { scopes } from '@/core/judge/scope/scopes';

export const words = (most: number) =>
  v.pipe(v.string(), v.trim(), v.minLength(1, 'not empty'), v.maxLength(most));

export const emailSchema = v.pipe(
  v.string(),
  v.trim(),
  v.rfcEmail('an e-mail address'),
  v.maxLength(254),
);

/** A word of twelve signs or more; which signs is its owner’s own business. */
export const passwordSchema = v.pipe(
  v.string(),
  v.check((word) => word.length >= 12, 'at least 12 characters'),
  v.maxLength(500),
);

export const maySchema = v.pipe(
  v.array(v.picklist(permissions)),
  v.transform((may) => permissions.filter((one) => may.includes(one))),
);

/** Last day of a licence; an empty text: not said. */
export const licenceExpiresSchema = v.pipe(
  v.string(),
  v.trim(),
  v.check(
    (day) => day === '' || v.is(v.pipe(v.string(), v.isoDate()), day),
    'a day such as 2027-06-30, or nothing',
  ),
  v.transform((day) => (day === '' ? null : day)),
);

export const licenceSchema = v.pipe(v.string(), v.trim(), v.maxLength(100));
export const scopeSchema = v.nullable(v.picklist(Object.keys(scopes) as ScopeName[]));
