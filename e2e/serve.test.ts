// The server as a person meets it: its address, its manners, a taken port.
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
