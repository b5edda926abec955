/** Hands a text to the reader as a file. */
export function saveFile(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Saves what stands at an address of ours, under the name it comes with. */
export function saveFrom(href: string): void {
  const link = document.createElement('a');
  link.href = href;
  link.download = '';
  link.click();
}
