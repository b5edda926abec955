import 'server-only';
import { escaped } from '../html';

/** A letter as it is meant, before it is text or HTML. */
export interface Letter {
  to: string;
  subject: string;
  /** Before the link. */
  opening: readonly string[];
  link: { words: string; url: string } | undefined;
  /** After the link. */
  closing: readonly string[];
}

/** As plain text: paragraphs apart, the address of the link on a line of its own. */
export const textOf = ({ opening, link, closing }: Letter): string =>
  [...opening, ...(link ? [`${link.words}:\n${link.url}`] : []), ...closing].join('\n\n');

/** As HTML that asks nothing of anybody: no picture, no style from elsewhere, nothing counted. */
export function htmlOf({ subject, opening, link, closing }: Letter): string {
  const part = (text: string) => `<p style="margin:0 0 16px">${escaped(text)}</p>`;
  const way = link
    ? `<p style="margin:0 0 16px"><a href="${escaped(link.url)}" style="color:#0b4a6f;font-weight:bold">${escaped(link.words)}</a><br><span style="color:#444">${escaped(link.url)}</span></p>`
    : '';
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${escaped(subject)}</title></head><body style="margin:0;padding:24px;background:#fff;color:#111;font:16px/1.5 sans-serif"><div style="max-width:36em">${opening.map(part).join('')}${way}${closing.map(part).join('')}</div></body></html>`;
}
