/** Every word must stand in what is offered; best where it begins with them. */
export function fits(value: string, search: string, keywords: string[] = []): number {
  const card = `${value} ${keywords.join(' ')}`.toLowerCase();
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  if (!words.every((word) => card.includes(word))) return 0;
  if (words.length === 0 || card.startsWith(words[0] ?? '')) return 1;
  return words.every((word) => card.includes(` ${word}`)) ? 0.8 : 0.4;
}
