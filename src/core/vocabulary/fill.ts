/** Figures and words of one finding, by the names its message calls them. */
export type MessageData = Readonly<Record<string, string | number>>;

/** Puts data in the place of {name}. A name without data is a fault in the rule, and thrown. */
export function fill(template: string, data: MessageData): string {
  return template.replace(/\{(\w+)\}/g, (_, name: string) => {
    const value = data[name];
    if (value === undefined) throw new Error(`No ${name} for "${template}"`);
    return String(value);
  });
}

/** Names in braces of a text. */
export const namesIn = (text: string) => [...text.matchAll(/\{(\w+)\}/g)].map((match) => match[1]!);
