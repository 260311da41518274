// What a line of a sheet says, apart from how it is laid out.
export interface Phrase {
  readonly label: string
  readonly value: string
}
