// Serves the built app on this machine: files with long caching where their name carries a hash, the app for every other address.
import fastifyStatic from '@fastify/static'
import Fastify, { type FastifyInstance } from 'fastify'

/** What a page may load: only what this server serves. Styles may be inline (components set sizes that way); scripts may not. */
export const CONTENT_POLICY =
  "default-src 'self'; script-src 'self'; worker-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'"

export async function serve(
  root: string,
  port: number,
  host = '127.0.0.1',
): Promise<FastifyInstance> {
  const app = Fastify()
  app.addHook('onSend', async (_request, reply) => {
    void reply.headers({
      'content-security-policy': CONTENT_POLICY,
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
      'cross-origin-opener-policy': 'same-origin',
    })
  })
  await app.register(fastifyStatic, {
    root,
    maxAge: '1y',
    immutable: true,
    index: false,
    setHeaders: (reply, path) => {
      if (!path.includes('/assets/')) void reply.header('cache-control', 'no-cache')
    },
  })
  const page = (_request: unknown, reply: { sendFile(name: string): unknown }) =>
    reply.sendFile('index.html')
  app.get('/', (request, reply) => page(request, reply))
  app.setNotFoundHandler((request, reply) => {
    if (
      request.method === 'GET' &&
      !request.url.startsWith('/assets/') &&
      request.headers.accept?.includes('text/html')
    )
      return page(request, reply)
    return reply.code(404).type('text/plain').send('Not here.')
  })
  await app.listen({ port, host })
  return app
}
