// For the commands: documents of the open format read from files, through the one door.
import { readdirSync, readFileSync } from 'node:fs'
import { isProblem } from '../core/document/command'
import type { FileContent } from '../core/document/file'
import { openFile } from '../core/document/open'
import type { Part } from '../core/parts'

/** What a file holds; what cannot be read is an error that says why. */
export function contentOf(path: string): FileContent {
  const content = openFile(readFileSync(path, 'utf8'), path)
  if (isProblem(content)) throw new Error(content.problem)
  return content
}

/** The parts that ship. */
export const shippedParts = (): readonly Part[] =>
  readdirSync('shelf').flatMap(name => contentOf(`shelf/${name}`).parts)
