// Doing with less: an end left open with a reason, a part laid aside, a supply judged by another
// school.
import { SCHOOL, SCHOOLS } from '../standards/supplies'
import { specOf } from '../parts'
import type { Candidate, Question } from './remedy'

export function leavings({ build, finding }: Question): readonly Candidate[] {
  const open: readonly Candidate[] =
    finding.demand === null || build.choices.leftOpen[finding.demand]
      ? []
      : [
          {
            kind: 'leave open',
            title: 'Leave it open',
            commands: [
              {
                do: 'leaveOpen',
                id: finding.demand,
                title: finding.sentence,
                reason: 'not needed',
              },
            ],
          },
        ]
  const out = build.items
    .filter(
      i => finding.parts.includes(i.id) && specOf(i.part.kind).dispensable && i.state !== 'spare',
    )
    .map((i): Candidate => ({
      kind: 'leave out',
      title: `Leave the ${i.part.model} out`,
      commands: [{ do: 'setState', id: i.id, state: 'spare' }],
    }))
  return [...open, ...out]
}

export function schools({ build, finding }: Question): readonly Candidate[] {
  if (finding.stage !== 'power') return []
  return SCHOOLS.filter(s => s !== build.choices.school).map((school): Candidate => ({
    kind: 'school',
    title: `Judge the supply by the ${SCHOOL[school].label.toLowerCase()} sizing rule`,
    commands: [{ do: 'chooseSchool', school }],
  }))
}
