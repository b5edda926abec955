const entities: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Text as it stands in HTML, between tags or in quotes. */
export const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => entities[sign]!);
