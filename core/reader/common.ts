// What sheets of all kinds say: needed software, amps, flow, leads, plugs of fans.
import { FAN_VOLTS } from '../standards/draws'
import { valueIn } from './measures'
import { whole, type Notes } from './notes'
import { choiceIn, only } from './pattern'
import type { Statement } from './statements'

const SOFTWARE = only(
  /software/,
  /control software/,
  /drivers?/,
  /operating systems?/,
  /os support/,
  /supported os/,
)
export function readSoftware(s: Statement, notes: Notes): void {
  // "Driver: required" does not say which: it stays unread.
  if (SOFTWARE.test(s.label) && /\w+\s+\w+/.test(s.value)) notes.put(s, 'software', s.value)
}

/** Amps as stated, or watts at the fan's 12 V. */
export const ampsIn = (text: string): number | null => {
  const watts = valueIn(text, 'W')
  return valueIn(text, 'A') ?? (watts === null ? null : watts / FAN_VOLTS)
}

/** What a fan moves, to a tenth: sheets round it. */
export function flowIn(text: string): number | null {
  const flow = valueIn(text, 'm3h')
  return flow === null ? null : Math.round(flow * 10) / 10
}

const LEAD_BEFORE = /(\d+(?:[.,]\d+)?)\s*(mm|cm)\s+(?:lead|cable|cord)/i
const LEAD_BEHIND =
  /(?:lead|cable|cord|kabel)s?(?:\s+length)?\s*(?:[:=]|of|is|are)?\s+(\d+(?:[.,]\d+)?)\s*(mm|cm)/i
/** Leads that come beside the own one. */
const OTHER_LEADS = /\bLEDs?\b|A?RGB|lights?|lighting|\bUSB\b|extension|adapt[eo]r|splitter/i
const COMES_WITH_IT =
  /^(?:incl(?:uded|udes|\.)?|contents|in the box|accessories|scope of delivery)\b/i
/** The length of a lead: labelled so, or said beside the word. */
export function leadIn(s: Statement): number | null {
  if (OTHER_LEADS.test(s.label) || COMES_WITH_IT.test(whole(s))) return null
  if (/cabl(?:e|ing)|lead|cord|wire length|kabel/i.test(s.label)) return valueIn(s.value, 'mm')
  const m = LEAD_BEFORE.exec(s.value) ?? LEAD_BEHIND.exec(s.value)
  return m?.[1] ? Number(m[1].replace(',', '.')) * (m[2]?.toLowerCase() === 'cm' ? 10 : 1) : null
}

/** A remark names sockets and plugs of other things too. */
export const isRemark = (s: Statement): boolean =>
  /^(?:remarks?|notes?|notice|hint|please note|info(?:rmation)?)$/i.test(s.label)

/** The plug of a fan or a pump. */
export const fanPlugIn = (said: string): string | null =>
  choiceIn(said.replace(/\b(?:no|not|without) PWM\b/gi, ''), [
    [/4[- ]?pins?\b|PWM/i, 'fan-4'],
    [/3[- ]?pins?\b/i, 'fan-3'],
  ])
