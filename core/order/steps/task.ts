// A step that makes no joint, and how the case lies while a step is done.
import { taskId } from '../../ids/ids'
import type { PlannedStep, Pose, StepKind } from '../step'

/** Of the others, as they lie: behind the tray, or with the case on its side. */
export const POSE_OF: Partial<Record<StepKind, Pose>> = {
  bench: 'table',
  open: 'table',
  jumpers: 'table',
  processor: 'table',
  m2: 'table',
  memory: 'table',
  'bench-start': 'table',
  'bench-clear': 'table',
  'supply-cables': 'table',
  'lay-lead': 'behind',
  'first-power': 'standing',
  'panels-on': 'standing',
  'outer-plug': 'standing',
  record: 'standing',
}

export const task = (kind: StepKind, about: Partial<PlannedStep> = {}): PlannedStep => ({
  id: taskId(kind),
  kind,
  items: [],
  joints: [],
  marks: [taskId(kind)],
  demand: null,
  face: null,
  what: '',
  to: '',
  label: '',
  onBoard: false,
  details: [],
  manner: null,
  through: [],
  lacks: [],
  pose: POSE_OF[kind] ?? 'lying',
  under: [],
  opens: [],
  ...about,
})
