// The server as a person meets it: its address, its manners, a taken port.
import { once } from 'node:events'
import { request } from 'node:http'
import { freePort, startServer, stopServer } from './harness'

const port = await freePort()
const { server, says } = await startServer(port)
afterAll(() => stopServer(server))

const ask = (path: string, accept = 'text/html') =>
  fetch(`http://127.0.0.1:${port}${path}`, { headers: { accept } })

test('it says where it is', () => {
  expect(says).toBe(`Juntura is at http://127.0.0.1:${port}`)
})

test('a taken port is one clear sentence with the way out', async () => {
  const second = await startServer(port)
  expect(second.says).toBe(
    `Port ${port} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm start`,
  )
  await stopServer(second.server)
})

test('every address of the app is the app, and is asked for anew', async () => {
  for (const path of ['/', '/b/plover/fit', '/b/plover/bench?step=x']) {
    const reply = await ask(path)
    expect([
      reply.status,
      (await reply.text()).includes('<div id="app">'),
      reply.headers.get('cache-control'),
    ]).toEqual([200, true, 'no-cache'])
  }
})

test('files with a hash in their name are kept long; what is not there is not the app', async () => {
  const script = /\/assets\/[^"]+\.js/.exec(await (await ask('/')).text())?.[0] ?? ''
  expect((await ask(script, '*/*')).headers.get('cache-control')).toMatch(
    /max-age=31536000.*immutable/,
  )
  expect((await ask('/assets/gone.js')).status).toBe(404)
  expect((await ask('/data.json', 'application/json')).status).toBe(404)
})

test('the content policy lets nothing in from elsewhere and runs no inline script', async () => {
  const policy = String((await ask('/')).headers.get('content-security-policy'))
  expect(policy).toMatch(/default-src 'self'; script-src 'self';/)
  expect(policy).not.toMatch(/script-src[^;]*unsafe/)
})

test('what travels is compressed, where the browser takes it', async () => {
  const page = await (await ask('/')).text()
  const script = /\/assets\/[^"]+\.js/.exec(page)?.[0] ?? ''
  const length = async (encoding: string) => {
    const [head] = await once(
      request({ port, path: script, headers: { 'accept-encoding': encoding } }).end(),
      'response',
    )
    head.resume()
    return [head.headers['content-encoding'] ?? 'none', Number(head.headers['content-length'])]
  }
  const [plain, brotli, gzip] = [await length('identity'), await length('br'), await length('gzip')]
  expect([plain[0], brotli[0], gzip[0]]).toEqual(['none', 'br', 'gzip'])
  expect(Number(brotli[1])).toBeLessThan(Number(plain[1]) / 2)
  expect(Number(gzip[1])).toBeLessThan(Number(plain[1]) / 2)
})

test('asked under another name it gives nothing away, in a sentence', async () => {
  const [answer] = await once(
    request({ port, path: '/', headers: { host: 'elsewhere.example' } }).end(),
    'response',
  )
  let text = ''
  for await (const piece of answer) text += String(piece)
  expect([answer.statusCode, text]).toEqual([403, expect.stringMatching(/only on this machine/)])
})

test('what cannot be served is a sentence, not a code alone', async () => {
  for (const path of ['/%', '/assets/../../package.json', '/assets/gone.js']) {
    const [answer] = await once(request({ port, path }).end(), 'response')
    let text = ''
    for await (const piece of answer) text += String(piece)
    expect(Number(answer.statusCode)).toBeGreaterThanOrEqual(400)
    expect(text).toMatch(/^[A-Z][^{}]+\.$/)
  }
})
