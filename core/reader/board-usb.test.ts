import { MAKERS } from '../test-helpers/sheets'
import { readSheet } from './read'

const board = (...lines: readonly string[]) =>
  Object.fromEntries(
    readSheet(['Saltpan Reach 4 motherboard', 'Socket: TERN-4', ...lines].join('\n'), {
      makers: MAKERS,
    }).fields.map(f => [f.path, f.value]),
  )

test('brackets part ports into those at the rear and those on headers', () => {
  const read = board(
    'USB: 4 x USB 3.2 Gen 1 ports (2 ports on the back panel, 2 ports available through the internal USB header)',
  )
  expect(read).toMatchObject({ 'rear.usb-a': 2, 'headers.usb-3': 1 })
})

test('two ports hang on a header, where nobody counts the headers', () => {
  expect(board('USB: 6 x USB 2.0 (2 Rear, 4 Front)')).toMatchObject({
    'rear.usb-a': 2,
    'headers.usb-2': 2,
  })
})

test('what the list of headers counts holds; ports that are told besides count none', () => {
  const read = board(
    'USB: 4 x USB 2.0 (Front), 1 x USB 10Gbps Type C (Front), 2 x USB 2.0 (Rear)',
    'Internal connectors: 2 x USB 2.0 headers, 1 x USB 10Gbps Type-C header',
  )
  expect(read).toMatchObject({ 'headers.usb-2': 2, 'headers.usb-c': 1, 'rear.usb-a': 2 })
})

test('a socket of Type-C is none of Type-A, and what it supports is no other one', () => {
  const read = board('USB: 1 x USB Type-C port on the back panel, with USB 3.2 Gen 2 support')
  expect(read).toMatchObject({ 'rear.usb-c-socket': 1 })
  expect(read).not.toHaveProperty('headers.usb-3')
  expect(read).not.toHaveProperty('rear.usb-a')
})
