import 'server-only';
import { inOrganisation } from '../db/connect';
import type { SoundFile } from '../db/sounds';
import { insertSound, manySounds, maybeOneSound } from '../db/sounds';
import type { Session } from '../session';
import { demand } from '../session';
import { checkSound } from './check-sound';
import type { Stored } from './pictures';

/** Stores a spoken note once by its digest. */
export async function storeSound(session: Session, bytes: Buffer): Promise<Stored> {
  demand(session, 'record');
  const checked = checkSound(bytes);
  if (!checked.ok) return checked;
  const { organisation, member } = session;
  await inOrganisation(organisation, (tx) =>
    insertSound(tx, { organisation, ...checked.sound, createdBy: member }),
  );
  return { ok: true, digest: checked.sound.digest };
}

/** A spoken note of the asker’s organisation, or none. */
export const readSound = (session: Session, digest: string) =>
  inOrganisation(session.organisation, (tx) => maybeOneSound(tx, digest));

/** Spoken notes as they were stored, by their digests. */
export const readSounds = (organisation: string, digests: readonly string[]) =>
  inOrganisation(organisation, (tx): Promise<SoundFile[]> => manySounds(tx, digests));
