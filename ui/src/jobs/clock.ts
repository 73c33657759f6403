/** Times by the shop's clock, as the program sends them: "2026-12-01T10:30". */

const MINUTE = 60_000;

const two = (n: number) => String(n).padStart(2, '0');

/** A moment as the program takes it. */
export const written = (at: Date): string =>
  `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}`;

/** Now, to the minute. */
export const now = (): string => written(new Date());

/** So many minutes later. */
export const later = (at: string, minutes: number): string =>
  written(new Date(new Date(at).getTime() + minutes * MINUTE));

/** The time of the day. */
export const timeOf = (at: string): string => at.slice(11, 16);

/** The day. */
export const dayOf = (at: string): string => at.slice(0, 10);

/** Minutes since midnight. */
export const minuteOf = (at: string): number => Number(at.slice(11, 13)) * 60 + Number(at.slice(14, 16));

/** A day as it is said: "Tue 1 Dec". */
export const dayInWords = (at: string): string =>
  new Date(`${dayOf(at)}T12:00`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** A moment as it is said. */
export const momentInWords = (at: string): string => `${dayInWords(at)}, ${timeOf(at)}`;

/** Minutes as they are said. */
export const spanInWords = (minutes: number): string => {
  const whole = Math.round(minutes);
  if (whole < 120) return `${whole} min`;
  return `${Math.floor(whole / 60)} h${whole % 60 ? ` ${whole % 60} min` : ''}`;
};
