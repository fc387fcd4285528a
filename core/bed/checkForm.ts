import type { Point } from '../geometry'
import { fail, ok, type Result } from '../result'
import { isRound, type BedForm } from './form'
import { closedLine, middleOf, rayHits } from './roundFrame'

const LEAST_DEPTH_M = 0.1

/** Whether the figures of a bed's kind make a bed. */
export function checkForm(form: BedForm): Result<true> {
  if (form.kind === 'court') return checkCourt(form)
  if (!isRound(form) || form.kind === 'container') return ok(true)
  return checkEdge(form)
}

function checkCourt(form: Extract<BedForm, { kind: 'court' }>): Result<true> {
  const quarter = Math.min(form.widthM, form.depthM) - form.pathM
  if (quarter < 1)
    return fail(
      `The paths take the whole court: with ${show(form.pathM)} m paths it needs to be more than ${show(form.pathM + 1)} m each way.`,
    )
  if (form.repeat === 'turned' && Math.abs(form.widthM - form.depthM) > 0.01)
    return fail(
      `Quarters can only be turned in a square court; this one is ${show(form.widthM)} by ` +
        `${show(form.depthM)} m. Mirror them, or make it square.`,
    )
  return ok(true)
}

type EdgedForm = Extract<BedForm, { kind: 'island' | 'ring' }>
const isFar = (p: Point) =>
  !Number.isFinite(p.x) || !Number.isFinite(p.y) || Math.abs(p.x) > FAR_M || Math.abs(p.y) > FAR_M
const FAR_M = 200

function checkEdge(form: EdgedForm): Result<true> {
  const { stations } = form.edge
  if (stations.length < 3) return fail('A closed edge needs at least three stations.')
  if (stations.some(isFar)) return fail('A station lies more than 200 m from the middle: check the unit.')
  const line = closedLine(form.edge)
  const { spine } = middleOf(line)
  for (let i = 0; i < line.length; i++) {
    const e = line[i]!
    const b = spine(e)
    const depth = Math.hypot(e.x - b.x, e.y - b.y) - form.rimM
    if (depth < LEAST_DEPTH_M)
      return fail(
        `The edge comes within ${show(Math.max(0, depth))} m of the ` +
          `${form.kind === 'ring' ? 'planting inside' : 'middle'}; ${LEAST_DEPTH_M} m is the least. Move the ` +
          'stations out, or make the rim smaller.',
      )
    const d = { x: e.x - b.x, y: e.y - b.y }
    if (rayHits(line, b, d).length > 1)
      return fail(
        'Seen from the middle the edge folds back behind itself: move the station that turns in, or cut the bed in two.',
      )
  }
  return ok(true)
}

const show = (n: number) => String(Math.round(n * 100) / 100)
