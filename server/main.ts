// Starts the server and says where; a taken port is one clear sentence.
import { fileURLToPath } from 'node:url'
import { serve } from './serve'

const DEFAULT_PORT = 5180
const port = Number(process.env['PORT'] ?? DEFAULT_PORT)
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`PORT is "${process.env['PORT']}". Set it to a number from 1 to 65535.`)
  process.exit(1)
}
try {
  // Which build is served: the one beside this server, unless another is named.
  const built = process.env['DIST'] ?? fileURLToPath(new URL('../dist', import.meta.url))
  const app = await serve(built, port)
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.on(signal, () => void app.close().then(() => process.exit(0)))
  console.log(`Juntura is at http://127.0.0.1:${port}`)
} catch (error) {
  const taken = (error as NodeJS.ErrnoException).code === 'EADDRINUSE'
  console.error(
    taken
      ? `Port ${port} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm start`
      : error,
  )
  process.exit(1)
}
