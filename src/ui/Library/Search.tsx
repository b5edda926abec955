/** Narrows a list to what holds every word typed. */
export function Search({
  label,
  words,
  setWords,
}: {
  label: string;
  words: string;
  setWords(words: string): void;
}) {
  return (
    <input
      type="search"
      className="field max-w-80"
      aria-label={label}
      placeholder={label}
      value={words}
      onChange={(event) => setWords(event.target.value)}
    />
  );
}

/** Whether a text holds every word, whatever the case. */
export function holds(text: string, words: string): boolean {
  const lower = text.toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => lower.includes(word));
}
