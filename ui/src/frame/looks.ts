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

/** What a station stands in: what is drawn or typed beside what is said of it; one over the other where it is narrow. */
export const STATION =
  'station grid grid-cols-[minmax(0,1.62fr)_minmax(380px,1fr)] items-start gap-5 px-5 pt-3 pb-6 max-bench:grid-cols-[minmax(0,1fr)] max-bench:px-3 max-bench:pt-2.5';

/** A page of the shop that has no plate of its own. */
export const SHOP =
  'shop grid max-w-[1180px] grid-cols-[minmax(0,1fr)] gap-6.5 px-5 py-4 [&_h2]:mt-6.5 [&_h2]:mb-1.5 [&_h2]:text-[1.25rem] [&_h2]:font-bold';

/** A thing that is read off and typed, under its name. */
export const READING =
  'flex flex-col gap-px text-small [&_em]:font-[550] [&_em]:text-warn [&_em]:not-italic [&_small]:text-fine [&_small]:text-ink-2 [&>span:first-child]:text-ink-2';

/** The line that a tool or a set-up begins with. */
export const TOOL_HEAD =
  'tool-row-head flex min-h-touch items-center justify-between gap-3 text-more font-semibold [&>button]:whitespace-nowrap [&>a]:inline-flex [&>a]:min-h-touch [&>a]:flex-1 [&>a]:items-center';

/** What was made, beside what was drawn. */
export const AS_MADE = 'measured mt-1.5 flex flex-wrap items-center gap-2 [&_.plain-input]:w-34';

/** Entries of a card, two beside each other. */
export const MACHINE = 'lathe grid grid-cols-2 gap-x-5.5 gap-y-2.5 pt-3 max-hand:grid-cols-[minmax(0,1fr)]';

/** Where something is kept. */
export const KEEP =
  'keep my-2.5 flex flex-wrap items-center gap-x-3 gap-y-2.25 bg-paper-2 px-3 py-2.25 [&_textarea]:flex-[1_1_100%]';

/** A file that is taken in. */
export const FILE = 'file flex flex-col gap-1 [&_input]:max-w-[calc(100vw-2.6rem)] [&_input]:min-h-touch';

/** What happened, by day. */
export const LOG =
  'log [&_a]:inline-flex [&_a]:min-h-touch [&_a]:items-center [&_em]:text-ink-2 [&>li]:grid [&>li]:grid-cols-[6.6rem_1fr] [&>li]:gap-2.5 [&>li]:border-t [&>li]:border-line [&>li]:py-1.5';

/** What can hurt somebody. */
export const CAUTIONS = 'my-1.25 border-l-5 border-warn bg-caution px-3 py-1.75 text-small [&>li+li]:mt-1.5';

/** The way in, for who is not in yet. */
export const WAY_IN = 'way-in mx-auto my-[10vh] max-w-[30rem] px-5 [&_form]:grid [&_form]:gap-3.5';

/** What lies between a dialog and the page. */
export const OVERLAY = 'fixed inset-0 z-40 bg-[#0008]';

/** What opens over the page. */
export const DIALOG =
  'fixed top-[8vh] left-1/2 z-41 max-h-[84vh] w-[min(680px,92vw)] -translate-x-1/2 overflow-auto rounded-sm bg-paper px-6.5 py-5 [&_.do]:mt-3 [&_h2]:text-[1.4rem] [&_h2]:font-[650]';
