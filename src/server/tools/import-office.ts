import yauzl from 'yauzl';
import type { Permission } from '@/core/vocabulary/permission';
import { describeFault } from '@/core/vocabulary/fault';
import { officeFolder } from '../commands/export-office';
import { importPackage } from '../commands/transfer-package';
import { closePool, inOrganisation, inTransaction } from '../db/connect';
import { maybeOneMemberForSignIn, oneOrganisation } from '../db/members';
import { maybeOnePerson } from '../db/people';
import type { Session } from '../session';

/** Loads every package of an office's file into the office of a member, as brought by him. */
async function main(): Promise<void> {
  const [file, email, ...more] = process.argv.slice(2);
  if (!file || !email || more.length > 0)
    throw new Error('usage: bin/import-office FILE E-MAIL-OF-WHO-BRINGS-IT');
  const session = await memberOf(email);
  const zip = await yauzl.openPromise(file, { lazyEntries: true });
  let loaded = 0;
  const refused: string[] = [];
  try {
    for await (const entry of zip.eachEntry()) {
      if (!entry.fileName.startsWith(officeFolder) || !entry.fileName.endsWith('.zip')) continue;
      const chunks: Buffer[] = [];
      for await (const chunk of await zip.openReadStreamPromise(entry))
        chunks.push(Buffer.from(chunk as Uint8Array));
      const imported = await importPackage(session, Buffer.concat(chunks));
      if (imported.ok) loaded += 1;
      else refused.push(`${entry.fileName}: ${imported.faults.map(describeFault).join('; ')}`);
    }
  } finally {
    zip.close();
  }
  process.stdout.write(`${loaded} inspections loaded for ${session.organisationName}\n`);
  if (refused.length > 0) throw new Error(`${refused.length} not:\n${refused.join('\n')}`);
}

async function memberOf(email: string): Promise<Session> {
  const found = await inTransaction((tx) => maybeOneMemberForSignIn(tx, email));
  if (!found) throw new Error(`Nobody signs in as ${email} here.`);
  return inOrganisation(found.organisation_id, async (tx) => {
    const person = (await maybeOnePerson(tx, found.member_id))!;
    return {
      organisation: found.organisation_id,
      organisationName: (await oneOrganisation(tx)).name,
      member: person.id,
      name: person.name,
      licence: person.licence,
      may: person.may as Permission[],
    };
  });
}

await main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
await closePool();
