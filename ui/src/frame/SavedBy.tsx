interface Saved {
  savedAt?: string;
  savedBy?: string;
  saidAt?: string;
  saidBy?: string;
}

const day = (at?: string) => at?.slice(0, 10) ?? '';
const both = (who = '', at?: string) => [who, day(at)].filter(Boolean).join(', ');

/** Who saved a record, and when; what the file said that it was taken from stands beside it. Empty where nobody signs in. */
export function savedBy({ savedAt, savedBy: by, saidAt, saidBy }: Saved): string {
  const said = both(saidBy, saidAt);
  if (said) return `from a file${by ? `, taken in by ${by}` : ''}; it says: ${said}`;
  return by ? both(by, savedAt) : '';
}

/** The same in brackets, behind what was saved. */
export function SavedBy({ record }: { record: Saved }) {
  const said = savedBy(record);
  return said && <> ({said})</>;
}
