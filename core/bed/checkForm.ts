import type { BedForm, CourtForm } from '../model'
import { polygonArea, type Point } from '../geometry'
import { fail, ok, type Result } from '../result'
import { hasSegment, segmentEdge } from './court'
import { isRound } from './form'
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
      `The paths take the whole court: with ${show(form.pathM)}\u202fm paths ` +
        `it needs to be more than ${show(form.pathM + 1)}\u202fm each way.`,
    )
  return checkSegments(form)
}

const isEvenCourt = ({ widthM, depthM }: CourtForm) => Math.abs(widthM - depthM) <= 0.01

function checkSegments(form: CourtForm): Result<true> {
  const isEven = isEvenCourt(form)
  const plan = form.plan ?? 'square'
  const segments = form.segments ?? 4
  if (segments !== 4 && (!isEven || plan === 'oval'))
    return fail(
      `${segments} equal segments need a court as wide as it is deep; ` +
        `this one is ${show(form.widthM)}\u202fm by ${show(form.depthM)}\u202fm. ` +
        'Make it as deep as it is wide, or choose four segments.',
    )
  if (segments === 6 && plan !== 'round')
    return fail('Six equal segments need a round court. Choose a round plan, or four or eight segments.')
  if (segments === 8 && plan === 'square' && form.repeat === 'turned')
    return fail(
      'The eight halves of the quarters of a square are mirrored, not turned. Choose mirrored, or a round court.',
    )
  return checkRound(form, isEven)
}

function checkRound(form: CourtForm, isEven: boolean): Result<true> {
  if (form.plan === 'round' && !isEven)
    return fail(
      `A round court is as deep as it is wide; this one is ${show(form.widthM)}\u202fm by ${show(form.depthM)}\u202fm.`,
    )
  return checkRepeat(form)
}

function checkRepeat(form: CourtForm): Result<true> {
  if (!isLargeEnough(form))
    return fail(
      'The paths and the open middle leave no ground to plant. Make the paths narrower or the middle smaller.',
    )
  if (form.repeat === 'turned' && !isEvenCourt(form))
    return fail(
      `Quarters can only be turned in a square court; this one is ${show(form.widthM)}\u202fm by ` +
        `${show(form.depthM)}\u202fm. Mirror them, or make it square.`,
    )
  return ok(true)
}

function isLargeEnough(form: CourtForm): boolean {
  if (!hasSegment(form)) return false
  const { stations } = segmentEdge(form)
  return polygonArea(stations) >= LEAST_SEGMENT_M2
}
const LEAST_SEGMENT_M2 = 0.2

type EdgedForm = Extract<BedForm, { kind: 'island' | 'ring' }>
const isFar = (p: Point) =>
  !Number.isFinite(p.x) || !Number.isFinite(p.y) || Math.abs(p.x) > FAR_M || Math.abs(p.y) > FAR_M
const FAR_M = 200

function checkEdge(form: EdgedForm): Result<true> {
  const { stations } = form.edge
  if (stations.length < 3) return fail('A closed edge needs at least three stations.')
  if (stations.some(isFar)) return fail('A station lies more than 200\u202fm from the middle: check the unit.')
  const line = closedLine(form.edge)
  const { spine } = middleOf(line)
  for (let i = 0; i < line.length; i++) {
    const e = line[i]!
    const b = spine(e)
    const depth = Math.hypot(e.x - b.x, e.y - b.y) - form.rimM
    if (depth < LEAST_DEPTH_M)
      return fail(
        `The edge comes within ${show(Math.max(0, depth))}\u202fm of the ` +
          `${form.kind === 'ring' ? 'planting inside' : 'middle'}; ${LEAST_DEPTH_M}\u202fm is the least. Move the ` +
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
