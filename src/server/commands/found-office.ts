import 'server-only';
import { randomUUID } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import * as v from 'valibot';
import { settingsSchema } from '@/core/codes/settings/settings';
import { startingSettings } from '@/core';
import { letterheadSchema, plainLetterhead } from '@/core/codes/settings/letterhead';
import { describeFault, faultsOf } from '@/core/vocabulary/fault';
import { inTransaction } from '../db/connect';
import { oneFounded, oneFoundingOpen } from '../db/foundings';
import { takenOr } from '../db/rows';
import { sha256 } from '../sha256';
import { emailSchema, licenceSchema, passwordSchema, words } from './person-schema';
import { isToken } from './token';

const foundingSchema = v.object({
  office: words(200),
  timeZone: settingsSchema.entries.timeZone,
  lengths: settingsSchema.entries.lengths,
  address: letterheadSchema.entries.address,
  paper: letterheadSchema.entries.paper,
  dates: letterheadSchema.entries.dates,
  name: words(200),
  email: emailSchema,
  licence: licenceSchema,
  password: passwordSchema,
});

export type Founded = { ok: true } | { ok: false; faults: string[] };

/** Whether a link to found an office may still be used. */
export const isFoundingOpen = async (token: string): Promise<boolean> =>
  isToken(token) && (await inTransaction((tx) => oneFoundingOpen(tx, sha256(token)))).open;

/** Founds the office of a link: its name, its settings, its first member. Undefined: there is no such link, or it was used. */
export async function foundOffice(token: string, input: unknown): Promise<Founded | undefined> {
  if (!(await isFoundingOpen(token))) return undefined;
  const parsed = v.safeParse(foundingSchema, input);
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.issues).map(describeFault) };
  const { office, timeZone, lengths, address, paper, dates, name, email, licence, password } =
    parsed.output;
  const passwordHash = await hash(password);
  const founded = await inTransaction((tx) =>
    oneFounded(tx, sha256(token), {
      organisation: randomUUID(),
      name: office,
      settings: { ...startingSettings(office), timeZone, lengths },
      letterhead: { ...plainLetterhead, address, paper, dates },
      member: { id: randomUUID(), email, name, licence, passwordHash },
    }),
  ).catch(takenOr('known' as const));
  if (founded === 'known')
    return { ok: false, faults: ['Somebody signs in with this e-mail address already.'] };
  return founded.founded ? { ok: true } : undefined;
}
