// What the scripts in TypeScript know of the build.
/** Builds the app where it is older than its sources. */
export function buildIfStale(): void
