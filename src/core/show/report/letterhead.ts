import type { DateStyle, Letterhead, Paper } from '../../codes/settings/letterhead';
import { linesOf } from '../../codes/settings/letterhead';

/** How the office shows itself on this report. */
export interface ReportLetterhead {
  office: string;
  /** Under its name: address, licence, insurance. */
  lines: string[];
  logo: { digest: string; width: number; height: number } | undefined;
  /** Standing texts with their versions; undefined: none. */
  terms: { version: number; lines: string[] } | undefined;
  covers: { version: number; lines: string[] } | undefined;
  paper: Paper;
  dates: DateStyle;
}

export function reportLetterhead(office: string, letterhead: Letterhead): ReportLetterhead {
  const { address, licence, insurance, logo, terms, covers, paper, dates } = letterhead;
  const standing = ({ version, text }: Letterhead['terms']) =>
    text === '' ? undefined : { version, lines: linesOf(text) };
  return {
    office,
    lines: [...linesOf(address), ...linesOf(licence), ...linesOf(insurance)],
    logo: logo ?? undefined,
    terms: standing(terms),
    covers: standing(covers),
    paper,
    dates,
  };
}
