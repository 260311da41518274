// stub
import type { PartKind } from '../parts'
export const UNREAD: Partial<Record<PartKind, Readonly<Record<string, string>>>> = {}
