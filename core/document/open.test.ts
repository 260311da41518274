import { AT, avocet, change, curlew, part, plover, shelf, tryCommand } from '../test-helpers/demos'
import { isProblem } from './command'
import { VERSION, writeFile, type FileContent } from './file'
import { beyondLimit, limitLines } from './limits'
import { holdsWhat, openBuild, openFile } from './open'

const log = [{ at: AT, line: 'S300: have' }]
const text = writeFile({ builds: [{ build: plover, log }], parts: shelf })
const problem = (changed: string): string => {
  const read = openFile(changed, 'hide.juntura.json')
  return isProblem(read) ? read.problem : ''
}
function opened(file: string): FileContent {
  const read = openFile(file)
  if (isProblem(read)) throw new Error(read.problem)
  return read
}
const altered = (
  change: (file: {
    builds: { items: Record<string, unknown>[] }[]
    [key: string]: unknown
  }) => void,
): string => {
  const file = JSON.parse(text)
  change(file)
  return JSON.stringify(file)
}

test('what is written is read back equal, and written again the same to the byte', () => {
  const read = opened(text)
  expect(read.builds).toEqual([{ build: plover, log }])
  expect(read.parts).toEqual(shelf)
  expect(writeFile(read)).toBe(text)
})

test('unknown keys of the build, an item and a figure survive', () => {
  const strange = altered(file => {
    Object.assign(file.builds[0] ?? {}, { colour: 'reed' })
    Object.assign(file.builds[0]?.items[0] ?? {}, {
      shelfmark: 7,
      figures: { coolerRoom: { mm: 75, by: 'warden' } },
    })
  })
  const again = JSON.parse(writeFile(opened(strange))).builds[0]
  expect(again.colour).toBe('reed')
  expect(again.items[0]).toMatchObject({
    shelfmark: 7,
    figures: { coolerRoom: { mm: 75, by: 'warden' } },
  })
})

const versioned = (version: unknown): string =>
  altered(file => {
    file['version'] = version
  })

test('a byte order mark before the text is no part of it', () => {
  expect(opened(`\uFEFF${text}`).builds).toHaveLength(1)
})

test('keys that stand for an object’s own making stay words', () => {
  const strange = altered(file => {
    Object.assign(file.builds[0] ?? {}, {
      progress: JSON.parse('{ "__proto__": { "state": "made", "at": "x" } }'),
    })
    Object.assign(file.builds[0]?.items[0] ?? {}, { id: 'constructor' })
  })
  const [first] = opened(strange).builds
  expect(first?.build.items[0]?.id).toBe('constructor')
  expect(Object.hasOwn(Object.prototype, 'state')).toBe(false)
  const changed = change(first?.build ?? plover, {
    do: 'setState',
    id: 'constructor',
    state: 'have',
  })
  expect(changed.items[0]?.state).toBe('have')
})

test('two keys of one record in any order are the same bytes once they are opened', () => {
  const ordered = (keys: readonly string[]): string =>
    altered(file => {
      const progress = Object.fromEntries(keys.map(k => [k, { state: 'made', at: AT }]))
      Object.assign(file.builds[0] ?? {}, { progress })
    })
  const both = [ordered(['a~b', 'task:bench']), ordered(['task:bench', 'a~b'])].map(file =>
    JSON.stringify(opened(file).builds[0]?.build),
  )
  expect(both[0]).toBe(both[1])
})

describe('what cannot be read is a sentence with place and remedy', () => {
  test.each<[string, string, RegExp]>([
    ['broken JSON', text.slice(0, 300), /not whole JSON \(.*\).*nothing was changed/],
    ['another kind of file', '{"format":"notes"}', /not a Juntura file.*\.juntura\.json/],
    ['no object', '[1, 2]', /not a Juntura file/],
    [
      'a newer version',
      versioned(VERSION + 1),
      new RegExp(`of version ${VERSION + 1}; this Juntura reads up to ${VERSION}\\. Update`),
    ],
    ['a version written as text', versioned('1'), /writes its version as "1"; it is a number/],
    ['no version', versioned(undefined), /does not say of which version/],
    ['null for a version', versioned(null), /does not say of which version/],
    ['half a version', versioned(1.5), /says version 1\.5, which there never was/],
    ['version nought', versioned(0), /says version 0, which there never was/],
    [
      'a part that fails its schema',
      altered(f => {
        Object.assign(f.builds[0]?.items[3]?.['part'] ?? {}, { height: 'tall' })
      }),
      /builds › 0 “Plover” › items › 3 “cooler” › part “Lowbank 65” › height/,
    ],
    [
      'axes that are none',
      altered(f => {
        const board = f.builds[0]?.items.find(i => i.id === 'board')?.['part'] as { m2: object[] }
        Object.assign(board.m2[0] ?? {}, { axes: 'upwards' })
      }),
      /“Plover” › items › 1 “board” › part “.+” › m2 › 0 .*axes.*three axes such as "\+x \+y \+z"/,
    ],
    [
      'a kind that is none',
      altered(f => {
        Object.assign(f.builds[0]?.items[0]?.['part'] ?? {}, { kind: 'toaster' })
      }),
      /items › 0 “case” › part/,
    ],
    [
      'an id with a slash',
      altered(f => {
        Object.assign(f.builds[0]?.items[0] ?? {}, { id: 'a/b' })
      }),
      /letters, digits, dots and dashes only/,
    ],
    [
      'two items of one id',
      altered(f => {
        Object.assign(f.builds[0]?.items[1] ?? {}, { id: 'case' })
      }),
      /two items of Plover have the id "case"/,
    ],
    [
      'two parts of one id',
      writeFile({ parts: [part('ottery-breeze-80'), part('ottery-breeze-80')] }),
      /two parts have the id "ottery-breeze-80"/,
    ],
    [
      'a list that is none',
      JSON.stringify({ format: 'juntura', version: VERSION, builds: 'many' }),
      /at builds: /,
    ],
  ])('%s', (_, file, sentence) => {
    expect(problem(file)).toMatch(sentence)
  })
})

describe('what a dropped text is', () => {
  const fan = part('ottery-breeze-80')
  test.each<[string, string, string]>([
    ['a build', writeFile({ builds: [{ build: plover, log: [] }] }), 'builds'],
    [
      'a build with parts',
      writeFile({ builds: [{ build: plover, log: [] }], parts: [fan] }),
      'builds',
    ],
    ['parts alone', writeFile({ parts: [fan] }), 'parts'],
    ['a table', 'kind,maker,model\nfan,Kelder,X\n', 'table'],
    ['a table with tabs', 'kind\tmaker\nfan\tKelder\n', 'table'],
    ['broken JSON, to be complained about as a file', '{"format":', 'builds'],
    ['plain words, likewise', 'hello', 'builds'],
  ])('%s', (_, text, what) => expect(holdsWhat(text)).toBe(what))
})

describe('what is beyond a limit says where and how much, and nothing is taken in', () => {
  test.each<[string, (file: { builds: { items: Record<string, unknown>[] }[] }) => void, RegExp]>([
    [
      'a name of a megabyte',
      f => Object.assign(f.builds[0] ?? {}, { name: 'x'.repeat(1e6) }),
      /at builds › 0 “x{60}” › name: 1000000 characters, at most 300/,
    ],
    [
      'a number beyond all measure',
      f => Object.assign(f.builds[0]?.items[0] ?? {}, { paid: 1e308 }),
      /items › 0 “case” › paid: 1e\+308 is beyond 1000000000/,
    ],
    [
      'a list without end',
      f => Object.assign(f.builds[0] ?? {}, { tags: Array.from({ length: 3000 }, () => 1) }),
      /tags: 3000 entries, at most 2000/,
    ],
    [
      'a picture of a megabyte',
      f => Object.assign(f, { photos: { a: `data:image/png;base64,${'A'.repeat(1e6)}` } }),
      /photos › a: 1000022 characters, at most 400000/,
    ],
  ])('%s', (_, change, sentence) => {
    const found = problem(altered(change))
    expect(found).toMatch(sentence)
    expect(found.length).toBeLessThan(500)
  })
  test('5 000 levels', () => {
    const levels = `${'{"a":'.repeat(5000)}1${'}'.repeat(5000)}`
    const found = problem(text.replace('"builds": [', `"builds": [${levels},`))
    expect(found).toMatch(/levels, one inside another, at most 40/)
    expect(found.length).toBeLessThan(500)
  })
  test('a command is bound as well', () => {
    const tried = tryCommand(plover, { do: 'rename', name: 'x'.repeat(301) })
    expect(isProblem(tried) ? tried.problem : '').toMatch(
      /"rename" cannot be done: name: 301 characters/,
    )
  })
  test('what lies in the store already opens', () => {
    const read = openBuild({ ...plover, name: 'x'.repeat(1000), log }, 1)
    expect(isProblem(read) ? read.problem : read.build.name).toHaveLength(1000)
  })
  test('all that ships is far within', () => {
    for (const document of [plover, avocet, curlew, ...shelf])
      expect(beyondLimit(document)).toBeNull()
    expect(limitLines().length).toBeGreaterThan(5)
  })
})

describe('a row of the store', () => {
  test('opens by the version that stands beside it', () => {
    const read = openBuild({ ...plover, log }, VERSION)
    expect(read).toEqual({ build: plover, log })
  })
  test.each<[string, unknown, unknown, RegExp]>([
    ['of a version to come', plover, 99, /This build is of version 99/],
    ['that is no build', { id: 'x' }, VERSION, /This build cannot be read: .*name/],
    ['that is nothing', null, VERSION, /This build cannot be read/],
  ])('%s says so', (_, doc, version, sentence) => {
    const read = openBuild(doc, version)
    expect(isProblem(read) ? read.problem : '').toMatch(sentence)
  })
})
