// For tests: the rows of a store as a program of its time left them, laid into a store before
// anything opens it.
export const SAVED = new URL('../../../saved/', import.meta.url)

export interface OldTable {
  readonly keyPath: string
  readonly autoIncrement: boolean
  readonly indexes: readonly {
    readonly name: string
    readonly keyPath: string | string[]
    readonly unique: boolean
    readonly multiEntry: boolean
  }[]
  readonly rows: Record<string, never>[]
}
export interface OldStore {
  readonly version: number
  readonly tables: Readonly<Record<string, OldTable>>
}

/**
 * Makes the store as it was, with the browser's own means. Also run inside a page: it needs nothing
 * from outside.
 */
export function layOld(old: OldStore, name: string): Promise<void> {
  return new Promise((done, failed) => {
    const asked = indexedDB.open(name, old.version)
    asked.onerror = () => {
      failed(new Error(asked.error?.message))
    }
    asked.onupgradeneeded = () => {
      for (const [table, { keyPath, autoIncrement, indexes, rows }] of Object.entries(old.tables)) {
        const made = asked.result.createObjectStore(table, { keyPath, autoIncrement })
        for (const index of indexes)
          made.createIndex(index.name, index.keyPath, {
            unique: index.unique,
            multiEntry: index.multiEntry,
          })
        for (const row of rows) made.put(row)
      }
    }
    asked.onsuccess = () => {
      asked.result.close()
      done()
    }
  })
}
