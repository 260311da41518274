// npm start: sets up, builds if stale, serves.
import { spawn } from 'node:child_process'
import { buildIfStale } from './build.mjs'
import { packages, ROOT } from './setup.mjs'

packages()
buildIfStale()
const server = spawn('node', ['--import', 'tsx', `${ROOT}server/main.ts`], {
  cwd: ROOT,
  stdio: 'inherit',
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', code => process.exit(code ?? 0))
