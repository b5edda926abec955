import 'server-only';
import { assess, parsePackage, readReportData } from '@/core';
import { describeFault } from '@/core/vocabulary/fault';
import type { Lacking } from '@/core/show/report/lacking';
import { lackingIn } from '@/core/show/report/lacking';
import { inOrganisation } from '../db/connect';
import type { RecheckJob } from '../db/queue';
import { maybeOneToRecheck, upsertRecheck } from '../db/rechecks';

/**
 * Reads the latest issued reports of an organisation again by the rules as they are now, each in a
 * transaction of its own. One that cannot be read says why and holds up no other.
 * @param since reports read again after this moment are left: the start of the running rules
 */
export async function recheckReports({ organisation }: RecheckJob, since: Date): Promise<number> {
  for (let read = 0; ; read += 1) {
    const more = await inOrganisation(organisation, async (tx) => {
      const row = await maybeOneToRecheck(tx, since);
      // By the clock `since` was read from: by another that lags, no report would ever be done.
      if (row)
        await upsertRecheck(tx, organisation, { report: row.id, ...recheck(row), at: new Date() });
      return row !== undefined;
    });
    if (!more) return read;
  }
}

function recheck(row: { package: string; report: unknown }): { lacks: Lacking[]; fault: string } {
  try {
    const parsed = parsePackage(row.package);
    if (!parsed.ok) return { lacks: [], fault: describeFault(parsed.faults[0]!) };
    const { entries, settings } = parsed.value;
    return { lacks: lackingIn(readReportData(row.report), assess(entries, settings)), fault: '' };
  } catch (error) {
    return { lacks: [], fault: error instanceof Error ? error.message : String(error) };
  }
}
