import { then } from './core/test-helpers/demos'
import { buildOf, drawFrom } from './core/test-helpers/planted-machine'
import { randomBuild } from './core/test-helpers/random-builds'
import { PLANTS } from './core/test-helpers/plants'
const seen = new Map<string, string>()
const look = (fs: any) => { for (const f of fs) if (/stop|harm/.test(f.verdict) && !f.wayOut) seen.set(f.rule + f.verdict, f.sentence) }
for (let s = 4001; s < 4060; s++) look(then(randomBuild(s)).findings)
for (const p of PLANTS) { const { machine, pins } = p.plant(drawFrom(2)); look(then(buildOf(machine, pins)).findings) }
console.log([...seen])
