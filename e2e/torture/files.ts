// Mangled files given to every reader in turn: the page says something about each, goes on, and
// nothing beside it changes.
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import type { Page } from 'playwright-core'
import { complaints, goOn, type Stage } from '../harness'
import { chanceOf } from './chance'
import { mangled } from './mangle'
import { READERS, type GivenFile, type Reader, type Seed } from './readers'
import { COMES_BACK_WITHIN, type End, type Trial } from './tally'
import { stored } from './window'

export interface FilesWanted {
  readonly seed: number
  /** How many in all, in equal parts over the readers. */
  readonly files: number
  readonly only: OnlyFile | null
}
/** One reader alone, or one file of it: to look at it again. */
export interface OnlyFile {
  readonly kind: string
  readonly at: number | null
}
/**
 * Named choice: after so many files a fresh profile, so that what came in does not slow down what
 * is to come.
 */
const FILES_A_PROFILE = 60
const BYSTANDERS = ['plover', 'avocet']

interface Room {
  readonly page: Page
  readonly found: string[]
  readonly before: string
  readonly seeds: readonly Seed[]
  leave(): Promise<void>
}
/** The builds that nothing opened beside them may change, as they lie in the store. */
const bystanders = async (page: Page): Promise<string> =>
  (await Promise.all(BYSTANDERS.map(id => stored(page, id)))).join('\n')

/** Leaves a person's work in a build, so that nothing may take its place. */
async function workOn(page: Page, id: string): Promise<void> {
  await goOn(page, `/b/${id}/record`)
  await page.getByLabel('Note', { exact: true }).fill('worked on')
  await page.getByRole('button', { name: 'Keep the note' }).click()
  await page.getByText('Changed the note').waitFor()
}
async function enter(on: Stage, reader: Reader): Promise<Room> {
  const profile = await on.profile()
  const page = await profile.newPage()
  const found = complaints(page)
  await page.goto('/')
  for (const id of BYSTANDERS) await workOn(page, id)
  const seeds = await reader.seeds(page)
  await reader.begin(page)
  const before = await bystanders(page)
  return { page, found, before, seeds, leave: () => profile.close() }
}

/** The same file for the same seed, reader and number, whatever was tried before it. */
function fileOf(seeds: readonly Seed[], seed: number, kind: string, at: number): GivenFile {
  const by = chanceOf(seed * 1_000_003 + at * 7919 + kind.length)
  const sound = by.one(seeds)
  return {
    name: `mangled-${at}${sound.ending}`,
    mimeType: sound.mimeType,
    buffer: mangled(sound.bytes, sound.form, by),
  }
}

const folder = mkdtempSync(`${tmpdir()}/mangled-`)
/** Where the file lies now, to be looked at. */
function putDown(file: GivenFile, kind: string): string {
  const path = `${folder}/${kind}-${file.name}`
  writeFileSync(path, file.buffer)
  return path
}

interface Outcome {
  readonly end: End
  readonly why: string
  /** Whether the page is as it was, so that the next file may be given to it. */
  readonly fit: boolean
}
async function outcomeOf(room: Room, reader: Reader, file: GivenFile): Promise<Outcome> {
  const { page, found, before } = room
  try {
    await reader.give(page, file)
  } catch (error) {
    const comes = await page
      .waitForFunction(() => true, undefined, { timeout: COMES_BACK_WITHIN })
      .then(() => true as const)
      .catch(() => false as const)
    return { end: comes ? 'silent' : 'hung', why: String(error), fit: false }
  }
  try {
    await reader.clear(page)
    if ((await bystanders(page)) !== before)
      return { end: 'lost', why: 'a build beside it is not as it was', fit: false }
  } catch (error) {
    return { end: 'hung', why: String(error), fit: false }
  }
  const told = reader.complainsToItself ? [] : found
  if (told.length === 0) return { end: 'survived', why: '', fit: true }
  return { end: 'silent', why: `the page complained: ${told.join('; ')}`, fit: false }
}

/** Gives the mangled files to their readers, one after the other. */
export async function mangledFiles(
  on: Stage,
  wanted: FilesWanted,
  tell: (progress: string) => void = () => undefined,
): Promise<readonly Trial[]> {
  const trials: Trial[] = []
  const { seed, only } = wanted
  const each = Math.ceil(wanted.files / READERS.length)
  for (const reader of READERS.filter(r => only === null || r.kind === only.kind)) {
    let room: Room | null = null
    for (let at = 0; at < each; at++) {
      if (only !== null && only.at !== null && only.at !== at) continue
      if (room !== null && at % FILES_A_PROFILE === 0) {
        await room.leave()
        room = null
      }
      room ??= await enter(on, reader)
      const file = fileOf(room.seeds, seed, reader.kind, at)
      let { end, why, fit } = await outcomeOf(room, reader, file)
      // Once more, in a room of its own: who was slow because the machine was busy is not silent.
      if (end === 'silent' || end === 'hung') {
        await room.leave()
        room = await enter(on, reader)
        ;({ end, why, fit } = await outcomeOf(room, reader, file))
      }
      const kind = `file ${reader.kind}`
      if (end === 'survived') trials.push({ kind, end })
      else {
        const lies = putDown(file, reader.kind)
        trials.push({ kind, end, seen: `seed ${seed}, file ${at} (${lies}): ${why}` })
      }
      if (fit) continue
      await room.leave()
      room = null
    }
    await room?.leave()
    tell(`files for the reader of ${reader.kind}: done`)
  }
  return trials
}
