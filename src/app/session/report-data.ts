import type { ReportData } from '@/core/show/report/report';
import { directoryRows, findingRows } from '@/core/show/report/rows';
import { csvOf } from '@/server/render/csv';

const csv = (text: string, name: string) =>
  new Response(text, {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });

/** A report as data under one of its three names; undefined for any other. */
export function reportDataFile(file: string, report: ReportData): Response | undefined {
  switch (file) {
    case 'findings.csv':
      return csv(csvOf(findingRows(report)), file);
    case 'circuits.csv':
      return csv(csvOf(directoryRows(report)), file);
    case 'report.json':
      return Response.json(report, { headers: { 'cache-control': 'no-store' } });
    default:
      return undefined;
  }
}
