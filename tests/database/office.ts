import { permissions } from '@/core/vocabulary/permission';
import { randomUUID } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import type { Entry } from '@/core/record/entries/entry';
import { startingSettings } from '@/core';
import { seedOrganisations } from '@/server/db/seed';
import type { Session } from '@/server/session';

/** An office of a test's own, with its members’ word. */
export interface TestOffice {
  organisation: string;
  members: { id: string; email: string }[];
  session(at?: number): Session;
}

export const word = 'a-long-password';

/** Offices no other test knows, each with so many members. */
export async function seedOffices(count: number, members = 2): Promise<TestOffice[]> {
  const mark = randomUUID().slice(0, 8);
  const passwordHash = await hash(word);
  const offices = Array.from({ length: count }, (_, nth) => ({
    id: randomUUID(),
    name: `Office ${nth} ${mark}`,
    members: Array.from({ length: members }, (_, at) => ({
      id: `m${nth}${at}-${mark}`,
      email: `m${nth}${at}-${mark}@test.example`,
      name: `Member ${nth}${at}`,
      licence: `ML-${nth}${at}`,
      passwordHash,
    })),
  }));
  await seedOrganisations(
    process.env.DATABASE_OWNER_URL!,
    offices.map((office) => ({ ...office, settings: startingSettings(office.name) })),
  );
  return offices.map(({ id, name, members: people }) => ({
    organisation: id,
    members: people,
    session: (at = 0) => ({
      organisation: id,
      organisationName: name,
      member: people[at]!.id,
      name: people[at]!.name,
      licence: people[at]!.licence,
      may: permissions,
    }),
  }));
}

/** An entry that adds a site, with anything in it another. */
export const siteEntry = (author: string, over: Partial<Entry> & { facts?: unknown } = {}): Entry =>
  ({
    v: 1,
    id: randomUUID(),
    counter: 1,
    device: 'tablet',
    author,
    at: '2026-04-14T09:41:00+01:00',
    action: randomUUID(),
    kind: 'add',
    thing: 'site',
    type: 'site',
    in: null,
    facts: { name: 'A place' },
    certainty: 'seen',
    ...over,
  }) as Entry;
