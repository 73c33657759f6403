/** How things look that stand on many pages. Each begins with its plain name, by which tests and print find it. */

const ACT = 'min-h-touch rounded-edge px-3.5 py-1 font-[550]';

/** What is most likely wanted here. */
export const DO = `do bg-accent text-accent-ink ${ACT}`;

/** What can be done besides. */
export const QUIET = `quiet inline-flex items-center border border-transparent text-accent not-disabled:hover:border-line ${ACT}`;

/** A change that mends something. */
export const MEND = `mend border-[1.5px] border-accent bg-paper text-accent hover:bg-paper-2 ${ACT}`;

/** One of several views of a thing; the one that is shown is underlined. */
export const VIEW =
  'view min-h-touch border-b-3 border-transparent px-3.5 py-1 font-[550] text-ink-2 aria-pressed:border-accent aria-pressed:text-ink';

/** Where a text is typed. */
export const FIELD =
  'plain-input min-h-touch rounded-edge border-[1.5px] border-ink-2 bg-paper px-2.25 py-1 text-base text-ink placeholder:text-ink-2 placeholder:opacity-85 aria-invalid:border-[2.5px] aria-invalid:border-double aria-invalid:border-warn';
