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
const FILES_A_PROFILE = 100
const BYSTANDERS = ['plover', 'avocet']

/** A profile with a person's work in it, in which files are given. */
interface Room {
  readonly page: Page
  readonly found: string[]
  readonly before: string
  /** How many files were given here. */
  given: number
  leave(): Promise<void>
}
/** The builds that nothing opened beside them may change, as they lie in the store. */
const bystanders = async (page: Page): Promise<string> => (await stored(page, BYSTANDERS)).print

/** Leaves a person's work in a build, so that nothing may take its place. */
async function workOn(page: Page, id: string): Promise<void> {
  await goOn(page, `/b/${id}/record`)
  await page.getByLabel('Note', { exact: true }).fill('worked on')
  await page.getByRole('button', { name: 'Keep the note' }).click()
  await page.getByText('Changed the note').waitFor()
}
async function enter(on: Stage): Promise<Room> {
  const profile = await on.profile()
  const page = await profile.newPage()
  const found = complaints(page)
  await page.goto('/')
  for (const id of BYSTANDERS) await workOn(page, id)
  const before = await bystanders(page)
  return { page, found, before, given: 0, leave: () => profile.close() }
}

/** Rooms one after the other: each is left when it is full, or not as it was. */
class Rooms {
  private room: Room | null = null
  /** Whether the reader's place was gone to in this room. */
  private begun: Reader | null = null

  constructor(private readonly on: Stage) {}

  /** A room at the place where this reader is given its files. */
  async at(reader: Reader): Promise<Room> {
    if (this.room !== null && this.room.given >= FILES_A_PROFILE) await this.leave()
    this.room ??= await enter(this.on)
    if (this.begun === reader) return this.room
    // What the page complained about before was another reader's.
    this.room.found.splice(0)
    await reader.begin(this.room.page)
    this.begun = reader
    return this.room
  }

  async leave(): Promise<void> {
    await this.room?.leave()
    this.room = null
    this.begun = null
  }
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
  room.given += 1
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

/** How many of the files a reader is given: what does not part evenly goes to the first of them. */
function shareOf(reader: Reader, files: number): number {
  const over = READERS.indexOf(reader) < files % READERS.length ? 1 : 0
  return Math.floor(files / READERS.length) + over
}

/** Gives the mangled files to their readers, one after the other. */
export async function mangledFiles(
  on: Stage,
  wanted: FilesWanted,
  tell: (progress: string) => void = () => undefined,
): Promise<readonly Trial[]> {
  const trials: Trial[] = []
  const { seed, only } = wanted
  const rooms = new Rooms(on)
  for (const reader of READERS.filter(r => only === null || r.kind === only.kind)) {
    const seeds = await reader.seeds((await rooms.at(reader)).page)
    const own = shareOf(reader, wanted.files)
    for (let at = 0; at < own; at++) {
      if (only !== null && only.at !== null && only.at !== at) continue
      const file = fileOf(seeds, seed, reader.kind, at)
      const outcome = await givenTo(rooms, reader, file)
      const kind = `file ${reader.kind}`
      if (outcome.end === 'survived') trials.push({ kind, end: outcome.end })
      else {
        const lies = putDown(file, reader.kind)
        const seen = `seed ${seed}, file ${at} (${lies}): ${outcome.why}`
        trials.push({ kind, end: outcome.end, seen })
      }
    }
    tell(`files for the reader of ${reader.kind}: done`)
  }
  await rooms.leave()
  return trials
}

/** Gives one file; once more in a room of its own where the first was slow: a busy machine is not silent. */
async function givenTo(rooms: Rooms, reader: Reader, file: GivenFile): Promise<Outcome> {
  const first = await outcomeOf(await rooms.at(reader), reader, file)
  if (!first.fit) await rooms.leave()
  if (first.end !== 'silent' && first.end !== 'hung') return first
  const again = await outcomeOf(await rooms.at(reader), reader, file)
  if (!again.fit) await rooms.leave()
  return again
}
