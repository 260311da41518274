// Serves the built app on this machine: files with long caching where their name carries a hash,
// the app for every other address.
import fastifyStatic from '@fastify/static'
import Fastify, { type FastifyInstance, type FastifyReply } from 'fastify'

/**
 * What a page may load: only what this server serves. Styles may be inline (components set sizes
 * that way); scripts may not.
 */
export const CONTENT_POLICY =
  "default-src 'self'; script-src 'self'; worker-src 'self'; style-src 'self' " +
  "'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; " +
  "object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'"

const TEXT = 'text/plain; charset=utf-8'

/**
 * Names under which this machine calls itself. A page of elsewhere that borrows another name for it
 * gets nothing.
 */
const OWN_NAMES = ['127.0.0.1', 'localhost', '[::1]']
const FOREIGN =
  'This server answers only on this machine, as 127.0.0.1 or localhost. Open it by one of these names.'
const NOT_HERE = 'There is nothing at this address. Go to / for all builds.'

/** What is said of a request that cannot be served, by its code. */
const sentenceOf = (code: number): string =>
  code < 500
    ? `This request cannot be served (${code}). Go to / for all builds.`
    : `The server failed on this request (${code}). Stop it with Ctrl+C and start it again: npm start.`

export async function serve(
  root: string,
  port: number,
  host = '127.0.0.1',
): Promise<FastifyInstance> {
  const app = Fastify({
    frameworkErrors: (error, _request, reply: FastifyReply) => {
      const code = error.statusCode ?? 400
      void reply.code(code).type(TEXT).send(sentenceOf(code))
    },
  })
  app.addHook('onRequest', async (request, reply) => {
    const name = (request.headers.host ?? '').replace(/:\d+$/, '')
    if (!OWN_NAMES.includes(name)) await reply.code(403).type(TEXT).send(FOREIGN)
  })
  app.setErrorHandler((error: { readonly statusCode?: number }, _request, reply) => {
    const code = error.statusCode ?? 500
    return reply.code(code).type(TEXT).send(sentenceOf(code))
  })
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
    preCompressed: true,
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
    return reply.code(404).type(TEXT).send(NOT_HERE)
  })
  await app.listen({ port, host })
  return app
}
