/** A corner of a profile as it is typed: along the axis, across, and the radius of the arc that leads there; empty for a line. */
export interface Corner {
  along: string;
  across: string;
  arc: string;
}

const TOKEN = /(r\s*)?(-?[\d.][\d./-]*(?:\s*(?:mm|in|thou|"))?)/gi;

/** The corners of a typed profile; what is no number stays behind, and the field says so. */
export function cornersOf(text: string): Corner[] {
  return text
    .split(/[;\n|]+/)
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const corner: Corner = { along: '', across: '', arc: '' };
      for (const [, arc, number] of part.matchAll(TOKEN)) {
        if (arc) corner.arc = number ?? '';
        else if (corner.along === '') corner.along = number ?? '';
        else if (corner.across === '') corner.across = number ?? '';
      }
      return corner;
    });
}

/** The text that a table of corners stands for. */
export function textOf(corners: Corner[]): string {
  return corners
    .map(({ along, across, arc }) => [along, across, arc.trim() && `r${arc.trim()}`].filter(Boolean).join(' '))
    .join('; ');
}
