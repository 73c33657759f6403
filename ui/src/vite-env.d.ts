/** The page's version, put in when it is built. */
declare const __VERSION__: string;
