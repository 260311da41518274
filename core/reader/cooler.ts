// A cooler's sheet: sockets, size, what its fan draws; of a liquid one, radiator, tubes, pump.
import { RADIATORS, RADIATOR_SIZE } from '../standards/modules'
import { ampsIn, socketsIn } from './common'
import { along, firstOf, productIn, spokenIn, type Axis } from './measures'
import { isNo, whole, type Notes } from './notes'
import type { Sheet, Statement } from './statements'
import { countAround, leadingCount } from './things'

export function readCooler(sheet: Sheet, notes: Notes): void {
  const wet = /radiator|all[- ]in[- ]one|\bAIO\b|liquid|water cooling/i.test(sheet.text)
  for (const s of sheet.statements) {
    const text = whole(s)
    const sockets = /socket|compatib|^for$|mount|support/i.test(s.label)
      ? socketsIn(s.value)
      : s.label === '' && /\b(?:for|fits)\b|socket/i.test(s.value)
        ? socketsIn(s.value.slice(s.value.search(/\b(?:for|fits)\b|socket/i)))
        : []
    if (sockets.length > 0) notes.put(s, 'sockets', sockets)
    if (/paste|compound|grease/i.test(text))
      notes.put(
        s,
        'paste',
        /pre-?applied|applied/i.test(s.value)
          ? 'applied'
          : isNo(s.value)
            ? 'own'
            : /included|supplied|tube|yes/i.test(s.value)
              ? 'supplied'
              : null,
      )
    if (/push[- ]?pins?/i.test(text)) notes.put(s, 'fastening', 'pins')
    else if (/\bclip\b|lever/i.test(s.value) && /mount|fasten/i.test(s.label))
      notes.put(s, 'fastening', 'clip')
    else if (/screw|backplate/i.test(s.value) && /mount|fasten|install/i.test(text))
      notes.put(s, 'fastening', 'screws')
    if (/weight|mass/i.test(s.label) || /\bweigh/i.test(s.value) || s.label === '')
      notes.put(s, 'weight', firstOf(s.value, 'g')?.value ?? null, 'g')
    if (/tdp|cooling (?:capacity|power)|rated/i.test(text) && !/fan|current/i.test(s.label))
      notes.put(s, 'cools', firstOf(s.value, 'W')?.value ?? null, 'W')
    if (
      /(?:ram|memory|dimm) (?:clearance|height|room|space)|(?:clearance|height|room|space) (?:for|over|above|to) (?:the )?(?:ram|memory|dimm)|max\.? ram/i.test(
        text,
      )
    ) {
      notes.put(s, 'memoryRoom', firstOf(s.value, 'mm')?.value ?? null, 'mm')
      continue
    }
    if (wet) readLiquid(s, notes)
    else {
      readSize(s, notes)
      readFan(s, notes)
    }
  }
}

const FOOTPRINT =
  /footprint|base|(?:length|depth) (?:and|x|×|&) width|width (?:and|x|×|&) (?:length|depth)/i

function readSize(s: Statement, notes: Notes): void {
  if (/^fan|socket|clearance|(?:without|w\/o|excl\.?|excluding) (?:the )?fan/i.test(s.label)) return
  const size = productIn(s.value, s.label)
  if (size && size.values.length === 3) {
    const order: readonly Axis[] = ['length', 'width', 'height']
    const sides = [
      ['height', along(size, 'height', order)],
      ['width', along(size, 'width', order)],
      ['depth', along(size, 'length', order)],
    ] as const
    for (const [path, value] of sides) {
      if (size.axes) notes.put(s, path, value, 'mm')
      else notes.doubt(s, path, value, 'mm', 'the sheet does not say which side is which')
    }
    return
  }
  if (size && size.values.length === 2 && size.axes?.length === 2) {
    for (const [path, axis] of [
      ['height', 'height'],
      ['width', 'width'],
      ['depth', 'length'],
    ] as const)
      notes.put(s, path, along(size, axis, []), 'mm')
    return
  }
  if (
    size &&
    (s.label === '' ? /^\W*footprint/i : FOOTPRINT).test(s.label === '' ? s.value : s.label)
  ) {
    notes.put(s, 'width', size.values[0], 'mm')
    notes.put(s, 'depth', size.values[1], 'mm')
    return
  }
  const own = firstOf(s.value, 'mm')?.value ?? null
  if (/height/i.test(s.label)) notes.put(s, 'height', own, 'mm')
  else if (/^(?:overall )?width/i.test(s.label)) notes.put(s, 'width', own, 'mm')
  else if (/^(?:overall )?(?:depth|length)/i.test(s.label)) notes.put(s, 'depth', own, 'mm')
  else if (s.label === '' || /size|dimension/i.test(s.label)) {
    const path = { length: 'depth', width: 'width', height: 'height', thickness: null }
    for (const { axis, value } of spokenIn(s.value)) {
      const to = path[axis]
      if (to !== null) notes.put(s, to, value, 'mm')
    }
  }
}

const plugOf = (text: string): string | null =>
  /4[- ]?pins?\b|PWM/i.test(text) ? 'fan-4' : /3[- ]?pins?\b/i.test(text) ? 'fan-3' : null

function readFan(s: Statement, notes: Notes): void {
  if (
    !/fan|connector|cable|plug|current|consumption/i.test(s.label) &&
    !(s.label === '' && /\bfans?\b|\bPWM\b|[34][- ]pin/i.test(s.value))
  )
    return
  notes.put(s, 'fan.face', plugOf(s.value))
  if (/current|power|amp|consumption/i.test(s.label) || /^fan$/i.test(s.label) || s.label === '')
    notes.put(s, 'fan.amps', ampsIn(s.value), 'A')
  if (/cable|lead/i.test(s.label))
    notes.put(s, 'fan.lead', firstOf(s.value, 'mm')?.value ?? null, 'mm')
}

/**
 * Named choice: how far a radiator's length and width lie from its class's usual ones at most, mm.
 */
const SLACK = 20
function classOf(values: readonly number[]): string | null {
  const [, width = 0, length = 0] = [...values].sort((x, y) => x - y)
  return (
    RADIATORS.find(
      c =>
        Math.abs(length - RADIATOR_SIZE[c].length) <= SLACK &&
        Math.abs(width - RADIATOR_SIZE[c].width) <= SLACK,
    ) ?? null
  )
}

function readLiquid(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/radiator/i.test(text)) {
    const product = productIn(s.value, s.label)
    const size =
      /\b(120|240|280|360|420)\b(?:\s*mm)?/.exec(
        (product ? s.value.replace(product.words, '') : s.value).replace(/\d+\s*mm fans?/gi, ''),
      )?.[1] ?? /\b(120|240|280|360|420)\b/.exec(s.label)?.[1]
    if (size) notes.put(s, 'liquid.radiator', size)
    else if (product)
      notes.doubt(
        s,
        'liquid.radiator',
        classOf(product.values),
        null,
        'worked out from the radiator’s length',
      )
    if (product && product.values.length === 3) {
      notes.put(s, 'liquid.length', product.values[0], 'mm')
      notes.put(s, 'liquid.width', product.values[1], 'mm')
      notes.put(s, 'liquid.thickness', product.values[2], 'mm')
    }
  }
  if (/tubes?|tubing|hoses?/i.test(text))
    notes.put(s, 'liquid.tube', firstOf(s.value, 'mm')?.value ?? null, 'mm')
  if (/pump/i.test(text)) {
    notes.put(s, 'liquid.pump.face', plugOf(s.value))
    notes.put(s, 'liquid.pump.amps', ampsIn(s.value), 'A')
  } else if (/\bfans?\b/i.test(text) && !/radiator/i.test(s.label)) {
    const m = /(?<!\d)(80|92|120|140)(?=\s*mm|\s*[x×]\s*\d)/i.exec(s.value)
    const named = m ?? /fans?/i.exec(s.value)
    if (/number of fans|fan count|fans? included/i.test(s.label))
      notes.put(s, 'liquid.fans', leadingCount(s.value), 'pcs')
    else if (named)
      notes.put(
        s,
        'liquid.fans',
        countAround(s.value, named.index, named.index + named[0].length) ?? leadingCount(s.value),
        'pcs',
      )
    if (m?.[1]) notes.put(s, 'liquid.fans.size', m[1])
    notes.put(s, 'liquid.fans.face', plugOf(s.value))
    notes.put(s, 'liquid.fans.amps', ampsIn(s.value), 'A')
  }
  if (/USB/i.test(text)) notes.put(s, 'liquid.usb', !isNo(s.value))
}
