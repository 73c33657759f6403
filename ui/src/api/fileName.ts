const LONGEST = 60;

/**
 * What a file is called when it is kept: the cut's or tool's own name, then what of it it is: "pump-bush-groove-bit.stl". Only letters, digits and hyphens,
 * so that every system takes it; whatever else stands in a name becomes a hyphen.
 */
export function fileName(named: string | undefined, what: string, form: string): string {
  const parts = [named, what].flatMap((words) => {
    const plain = (words ?? '')
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '');
    return plain ? [plain.slice(0, LONGEST).replace(/-$/, '')] : [];
  });
  return `${parts.join('-')}.${form}`;
}
