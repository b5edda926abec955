import { eachPlace } from '@/core/show/report/places';
import { readFile } from 'node:fs/promises';
import { describeFault } from '@/core/vocabulary/fault';
import { readPackage } from '../package-file';
import { reportOf } from '../commands/read-report';

/** Prints the findings of a package as JSON. */
async function main(): Promise<number> {
  const [file, ...more] = process.argv.slice(2);
  if (!file || more.length > 0) return complain('usage: bin/assess FILE');
  let bytes: Buffer;
  try {
    bytes = await readFile(file);
  } catch (error) {
    return complain(`${file}: ${error instanceof Error ? error.message : String(error)}`);
  }
  const parsed = await readPackage(bytes);
  if (!parsed.ok)
    return complain(`${file}: ${describeFault(parsed.faults[0]!)}${andMore(parsed.faults.length)}`);
  const { inspection, settings, authors, entries, carried } = parsed.value.document;
  const { report } = reportOf({ id: inspection.id, settings, authors, entries, carried });
  const findings = report.findings.flatMap(eachPlace).map((finding) => ({
    rule: finding.rule,
    outcome: 'found',
    where: { panel: finding.panelName, place: finding.place, ref: finding.ref },
    grade: finding.grade,
    severity: finding.severity,
    likelihood: finding.likelihood,
    certainty: finding.certainty,
    seen: finding.seen,
    reasons: finding.trace.map(
      ({ because, moves, counted, severity, likelihood, grade, entry }) => ({
        because,
        moves,
        counted,
        severity,
        likelihood,
        grade,
        entry,
      }),
    ),
    sources: finding.sources,
    since: finding.since,
    presumes: finding.presumes,
    absorbed: finding.absorbed,
    facts: finding.recorded,
  }));
  process.stdout.write(
    `${JSON.stringify({ inspection: inspection.id, findings, notSeen: report.notSeen, coverage: report.coverage, visit: report.visit, doubts: report.doubts }, null, 2)}\n`,
  );
  return 0;
}

const andMore = (count: number) => (count > 1 ? ` (and ${count - 1} more)` : '');

function complain(message: string): number {
  process.stderr.write(`${message.replace(/\s*\n\s*/g, ' ')}\n`);
  return 2;
}

process.exitCode = await main();
