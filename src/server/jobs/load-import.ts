import 'server-only';
import type { Permission } from '@/core/vocabulary/permission';
import { describeFault } from '@/core/vocabulary/fault';
import { importPackage } from '../commands/transfer-package';
import { inOrganisation } from '../db/connect';
import { manyImportEnded, maybeOneImportBytes, oneImportStep } from '../db/imports';
import type { ImportJob } from '../db/queue';
import { TooMuch } from '../heavy/pool';

const steps = 2;

/** Reads and writes a large package, as who sent it. One that was read stays as it is; a fault of ours is tried again. */
export async function loadImport({ organisation, import: id }: ImportJob): Promise<void> {
  const sent = await inOrganisation(organisation, (tx) => maybeOneImportBytes(tx, id));
  if (!sent) return;
  const step = (at: number) =>
    inOrganisation(organisation, (tx) => oneImportStep(tx, id, at, steps));
  const end = (state: 'loaded' | 'refused', answer: unknown) =>
    inOrganisation(organisation, (tx) => manyImportEnded(tx, id, state, answer));
  await step(0);
  try {
    const imported = await importPackage(
      {
        organisation,
        organisationName: sent.organisation,
        member: sent.member_id,
        name: sent.member_name,
        licence: '',
        may: sent.may as Permission[],
      },
      sent.bytes,
      () => step(1),
    );
    if (imported.ok) await end('loaded', imported);
    else await end('refused', { faults: imported.faults.map(describeFault) });
  } catch (error) {
    if (!(error instanceof TooMuch)) throw error;
    await end('refused', { faults: [error.message] });
  }
}
