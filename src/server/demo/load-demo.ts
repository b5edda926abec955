import 'server-only';
import { permissions } from '@/core/vocabulary/permission';
import { hash } from '@node-rs/argon2';
import { Logbook, idsFrom, startingSettings } from '@/core';
import { deliverEntries } from '../commands/deliver-entries';
import { issueReport } from '../commands/issue-report';
import { seedOrganisations } from '../db/seed';
import type { Session } from '../session';
import type { Entry } from '@/core/record/entries/entry';
import { chandlery } from './chandlery';
import { bakeryShots, houseShots, withDrawnPhotos } from './drawn-photos';
import { lockKeepersHouse } from './lock-keepers-house';
import { netLoft } from './net-loft';
import { osierCottage } from './osier-cottage';
import { quayBakery } from './quay-bakery';
import { ropewalk } from './ropewalk';
import { slipway } from './slipway';
import { demoOrganisations } from './people';

/** Loads the demo unless it is there. Inspections arrive through the command a device uses. */
export async function loadDemo(ownerUrl: string): Promise<boolean> {
  const organisations = await Promise.all(
    demoOrganisations.map(async ({ id, name, members }) => ({
      id,
      name,
      settings: startingSettings(name),
      members: await Promise.all(
        members.map(async ({ password, ...member }) => ({
          ...member,
          passwordHash: await hash(password),
        })),
      ),
    })),
  );
  if (!(await seedOrganisations(ownerUrl, organisations))) return false;
  const [first] = demoOrganisations;
  const [ines] = first.members;
  const session: Session = {
    organisation: first.id,
    organisationName: first.name,
    member: ines.id,
    name: ines.name,
    licence: ines.licence,
    may: permissions,
  };
  for (const make of [slipway, osierCottage, chandlery, ropewalk, netLoft])
    await deliver(session, make(ines.id));
  const bakery = quayBakery(ines.id);
  await deliver(session, {
    ...bakery,
    entries: await withDrawnPhotos(
      session,
      bakery.entries,
      bakeryShots,
      '2026-04-17T07:10:00+01:00',
      'bake',
    ),
  });
  const house = lockKeepersHouse(ines.id);
  await deliver(session, {
    ...house,
    entries: withReferral(
      session,
      await withDrawnPhotos(
        session,
        house.entries,
        houseShots,
        '2026-04-14T09:58:00+01:00',
        'lock',
      ),
    ),
  });
  await issueSome(session);
  return true;
}

/** Something noted that is no panel's: it is handed on. */
function withReferral(session: Session, entries: readonly Entry[]): Entry[] {
  const book = new Logbook(
    {
      newId: idsFrom('lock-note-'),
      device: 'demo-tablet',
      author: session.member,
      at: '2026-04-14T10:04:00+01:00',
    },
    entries,
  );
  book.add('note', 'damp-note', book.site.site!, {
    words: 'Damp patch under the stairs with salt on the wall, an arm’s length from the panel',
    referTo: 'damp',
  });
  return book.entries;
}

/** One report issued, one closed after a return visit, as their inspector would. */
async function issueSome(session: Session): Promise<void> {
  const { password } = demoOrganisations
    .flatMap((organisation) => [...organisation.members])
    .find(({ id }) => id === session.member)!;
  const sign = { password, changes: '' };
  for (const [inspection, kind, at] of [
    ['quay-bakery', 'report', '2026-04-22T09:00:00Z'],
    ['osier-cottage', 'report', '2026-04-22T09:20:00Z'],
    ['osier-cottage', 'closing', '2026-05-06T15:30:00Z'],
  ] as const) {
    const issued = await issueReport(session, inspection, { ...sign, kind }, new Date(at));
    if (!issued?.ok) throw new Error(`${inspection} is not issued: ${JSON.stringify(issued)}`);
  }
}

async function deliver(
  session: Session,
  { inspection, entries }: { inspection: string; entries: Entry[] },
): Promise<void> {
  for (let from = 0; from < entries.length; from += 100) {
    const delivered = await deliverEntries(session, {
      inspection,
      entries: entries.slice(from, from + 100),
    });
    if (!delivered.ok) throw new Error(delivered.fault);
    const refused = delivered.deliveries.find((one) => one.outcome === 'refused');
    if (refused) throw new Error(`demo entry refused: ${JSON.stringify(refused)}`);
  }
}
