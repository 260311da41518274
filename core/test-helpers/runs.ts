// How often a property is tried: a fifth of it in `npm test`, all of it in `npm run deep`.
const SHARE = process.env['JUNTURA_DEEP'] === '1' ? 1 : 0.2

export const runs = (full: number): number => Math.ceil(full * SHARE)
