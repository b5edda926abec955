import { permissions } from '@/core/vocabulary/permission';
import pg from 'pg';
import { closePool, inOrganisation } from '@/server/db/connect';
import { listInspections } from '@/server/commands/read-inspection';
import { demoOrganisations } from '@/server/demo/people';
import type { Session } from '@/server/session';
import { timesInWords, timesOf } from './timing';

/** The list of 20,000 inspections with search, as Today asks for it. */
const many = 20_000;
const [organisation] = demoOrganisations;
const session: Session = {
  organisation: organisation.id,
  organisationName: organisation.name,
  member: 'bench',
  name: 'Bench',
  licence: '',
  may: permissions,
};
const owner = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
await owner.connect();
await owner.query(`select set_config('east_gate.door', 'open', false)`);
try {
  await owner.query(
    `insert into inspections (organisation_id, id, settings, created_by)
     select $1::uuid, 'list-' || n, '{}', 'bench' from generate_series(1, $2::integer) n
     on conflict do nothing`,
    [organisation.id, many],
  );
  await owner.query(
    `insert into inspection_states
       (organisation_id, inspection_id, place, address, entries, findings, seen_share, words, updated_at)
     select $1::uuid, 'list-' || n, 'House ' || n, (n % 90) || ' Sluice Row', 400, '{}', 0.5,
       'House ' || n || ' ' || (n % 90) || ' Sluice Row Marrow Lock '
         || (array['Tarnholt', 'Merrowby', 'Oskelund', 'Dunvarick'])[1 + n % 4] || ' client ' || (n % 977)
         || ' ' || (array['More conductors under a breaker screw', 'Neutral lost or failing', 'Open position', 'Fuse too large'])[1 + n % 4],
       now() - make_interval(mins => n)
     from generate_series(1, $2::integer) n
     on conflict do nothing`,
    [organisation.id, many],
  );
  await owner.query('analyze inspection_states');
  const asked = ['', 'tarnholt', 'sluice neut', 'house 1234', 'client 55 fuse', 'lighthouse'];
  let at = 0;
  const times = await timesOf(() => listInspections(session, asked[(at += 1) % asked.length]!), {
    warmUp: 30,
    runs: 300,
  });
  const { rows } = await inOrganisation(organisation.id, (tx) =>
    tx.query<{ n: number }>(`select count(*)::integer as n from inspection_states`),
  );
  console.log(`The list of ${rows[0]!.n} inspections, ${asked.length} questions in turn`);
  console.log(`  answered: ${timesInWords(times)}`);
} finally {
  await owner.query(
    `delete from inspection_states where organisation_id = $1::uuid and inspection_id like 'list-%'`,
    [organisation.id],
  );
  await owner.query(
    `delete from inspections where organisation_id = $1::uuid and id like 'list-%'`,
    [organisation.id],
  );
  await owner.end();
  await closePool();
}
