// Is there room in each hole for the leads that go through it?
import { layout } from '../../plan/items'
import { leads } from '../../plan/leads'
import { measured } from '../finding'
import { rule } from '../rule'
import { fact, of } from '../../figures/quantity'
import { HOLE_FILL, LEADS_SOURCE } from '../../connectors/leads'
import { roomOf, sectionOf } from '../../case/holes'

const ROOM = 'routes/hole-room'

export const holeRoom = rule({
  id: ROOM,
  stage: 'routes',
  question: 'Is there room in each hole for the leads that go through it?',
  source: LEADS_SOURCE,
  needs: { leads, layout },
  inputs: s =>
    (s.layout?.openings ?? []).flatMap(hole => {
      const leads = s.leads.filter(l => l.reach?.way.through.includes(hole.key))
      return leads.length === 0 ? [] : [{ hole, leads, assumed: s.layout?.assumed ?? false }]
    }),
  judge({ hole, leads, assumed }) {
    const thickest = new Map<string, number>()
    for (const l of leads)
      thickest.set(l.cable, Math.max(thickest.get(l.cable) ?? 0, sectionOf(l.plug.end.face)))
    // Side by side over the hole's height: millimetres against its width.
    const wide =
      [...thickest.values()].reduce((sum, section) => sum + section, 0) /
      (hole.height * HOLE_FILL.share)
    const need = fact(`cables:${hole.key}`, `${thickest.size} cables side by side`, 'mm', {
      value: wide,
      basis: 'assumed',
      tol: wide * HOLE_FILL.tol,
    })
    const have = fact(`hole:${hole.key}`, `width of the ${hole.label}`, 'mm', {
      value: hole.width,
      basis: assumed ? 'assumed' : 'spec',
      tol: 1,
    })
    const crowded =
      leads.some(l => l.crowded) && wide * hole.height * HOLE_FILL.share > roomOf(hole)
    return [
      measured({
        rule: ROOM,
        stage: 'routes',
        about: [...new Set(leads.flatMap(l => l.joints.flatMap(j => j.items)))],
        part: hole.key,
        failing: 'watch',
        source: LEADS_SOURCE,
        sentence: `Room in the ${hole.label} for ${thickest.size === 1 ? 'its cable' : `${thickest.size} cables`}`,
        wayOut: crowded
          ? 'Thickest first; lead the small ones another way, or leave one out.'
          : 'Thickest first.',
        need: of(need),
        have: of(have),
      }),
    ]
  },
})
