// What the build puts in.

/** The program's version, as package.json has it. */
declare const __VERSION__: string
