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

/** Corners are drawn to so much, in the shop's own unit. */
export const STEP = { METRIC: 0.5, INCH: 1 / 32 } as const;

/** A corner where it lies: along, radius and the radius of its arc (0 for a line), in the unit that its numbers are in. */
export interface Placed {
  along: number;
  radius: number;
  arc: number;
}

const PLAIN = /^(-?\d*\.?\d+)\s*(mm|in|")?$/i;

/** Where the corners of a profile lie; nothing while one is no plain number, or they are in several units. */
export function placed(corners: Corner[]): Placed[] | undefined {
  const units = new Set<string>();
  const number = (text: string) => {
    const [, value, unit] = PLAIN.exec(text.trim()) ?? [];
    units.add((unit ?? '').toLowerCase());
    return value === undefined ? Number.NaN : Number(value);
  };
  const at = corners.map(({ along, across, arc }) => ({
    along: number(along),
    radius: number(across) / 2,
    arc: arc.trim() === '' ? 0 : number(arc),
  }));
  const whole = at.every(({ along, radius, arc }) => Number.isFinite(along + radius + arc));
  return whole && units.size <= 1 && at.length > 1 ? at : undefined;
}

/** A corner put elsewhere, its numbers written with the unit that they had. */
export function moved(corner: Corner, along: number, across: number): Corner {
  const like = (text: string, value: number) => {
    const unit = PLAIN.exec(text.trim())?.[2];
    return `${Number(value.toFixed(4))}${unit ? ` ${unit}` : ''}`;
  };
  return { ...corner, along: like(corner.along, along), across: like(corner.across, across) };
}
