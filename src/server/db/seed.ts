import 'server-only';
import pg from 'pg';
import { permissions } from '@/core/vocabulary/permission';

export interface SeedOrganisation {
  id: string;
  name: string;
  settings: unknown;
  members: {
    id: string;
    email: string;
    name: string;
    licence: string;
    scope?: string;
    /** What he may do; undefined: everything. */
    may?: readonly string[];
    /** YYYY-MM-DD */
    licenceExpires?: string;
    passwordHash: string;
  }[];
}

/** Adds organisations with their members as the owner, where the first is not there yet. */
export async function seedOrganisations(
  ownerUrl: string,
  organisations: readonly SeedOrganisation[],
): Promise<boolean> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    await client.query('begin');
    await client.query(`select set_config('east_gate.door', 'open', true)`);
    const known = await client.query(
      `select 1 from organisations where organisation_id = $1::uuid`,
      [organisations[0]?.id],
    );
    if (known.rowCount) {
      await client.query('rollback');
      return false;
    }
    for (const organisation of organisations) {
      await client.query(
        `insert into organisations (organisation_id, name, settings) values ($1::uuid, $2::text, $3::jsonb)`,
        [organisation.id, organisation.name, JSON.stringify(organisation.settings)],
      );
      for (const member of organisation.members)
        await client.query(
          `insert into members (organisation_id, id, email, name, licence, scope, password_hash, may, licence_expires)
           values ($1::uuid, $2::text, $3::text, $4::text, $5::text, $6::text, $7::text, $8::text[], $9::date)`,
          [
            organisation.id,
            member.id,
            member.email,
            member.name,
            member.licence,
            member.scope ?? null,
            member.passwordHash,
            member.may ?? permissions,
            member.licenceExpires ?? null,
          ],
        );
    }
    await client.query('commit');
    return true;
  } finally {
    await client.end();
  }
}
