import { describe, expect, it } from 'vitest'
import { BED_KINDS, type BedForm, SCHOOL_FIGURES } from '../model'
import { figures } from '../../tests/support/figures'
import { ofScenes } from '../../tests/support/goldenBeds'
import { bedFigures } from './bedFigures'
import { checkForm } from './checkForm'
import { checkOutline } from './checkOutline'
import { oval } from './form'
import { placeIn, placingsOf } from './placings'
import { segmentEdge } from './court'
import { fromSpine, laneBands, laneCounts, laneDepthAt, laneNames, startShares } from './lanes'
import { newBed } from './newBed'
import { schoolOf } from './schools'
import { setbackM } from './setback'
import { sizeOfBed } from './bedFacts'
import { startForm } from './startForm'

const OUTS = [0, 0.4, 1.1]

describe('golden frames', () => {
  it('of every bed', () =>
    expect(
      ofScenes(({ bed, frame }) => {
        const step = (frame.runTo - frame.runFrom) / 7
        const runs = Array.from({ length: 9 }, (_, i) => frame.runFrom + (i - 0.5) * step)
        const spots = runs.flatMap((a) =>
          OUTS.map((v) => [
            frame.at(a, v),
            frame.stretchAt(a, Math.max(0.05, v)),
            frame.depthAlong(a),
            frame.alongAt(Math.max(0, a)),
            frame.sAt(a),
          ]),
        )
        const back = OUTS.flatMap((x) =>
          OUTS.map((y) => [frame.locate({ x, y }), frame.toBed({ x, y }), frame.toPlan({ s: x, t: y / 2 })]),
        )
        const lanes = laneBands(bed.laneShares).map((band) => laneDepthAt(frame, band, runs[3]!))
        return (
          `${frame.areaM2.toFixed(3)} ${frame.frontLength.toFixed(3)} ${figures([spots, back, lanes])} ` +
          `${figures([bedFigures(bed, frame), sizeOfBed(bed, frame), frame.depths, frame.outline])}`
        )
      }),
    ).toMatchSnapshot())
  it('forms and what is wrong with them', () => {
    const forms = BED_KINDS.map((kind) => startForm(kind, 6, 2.5))
    expect(forms.map((f) => [f, figures(placingsOf(f).map((to) => placeIn(to, { x: 1, y: 2 })))])).toMatchSnapshot()
    expect([figures(oval(5, 3)), figures(oval(5, 3, 8))]).toMatchSnapshot()
    const court = startForm('court', 6, 5) as Extract<BedForm, { kind: 'court' }>
    expect(figures(segmentEdge(court))).toMatchSnapshot()
    const wrong: BedForm[] = [
      { ...court, pathM: 9 },
      { kind: 'ring', edge: oval(2, 2), rimM: 1.4, insideHeightM: 1, inside: 'planting' } as unknown as BedForm,
      {
        kind: 'island',
        edge: { ...oval(4, 3), stations: oval(4, 3).stations.slice(0, 2) },
        rimM: 0,
        centre: 'none',
        centreHeightM: 1,
        showFromM: 0.5,
      },
      { kind: 'island', edge: oval(4, 3), rimM: 3, centre: 'none', centreHeightM: 1, showFromM: 0.5 },
    ]
    expect(wrong.map(checkForm)).toMatchSnapshot()
    const edge = (ys: number[]) => ({ kind: 'straight' as const, stations: ys.map((y, i) => ({ x: i * 2, y })) })
    expect([
      checkOutline({ back: edge([0, 0]), front: edge([2, 2]) }),
      checkOutline({ back: edge([0, 0]), front: edge([2, 0.05]) }),
      checkOutline({ back: edge([0, 1]), front: edge([0.5, 0.5]) }),
      checkOutline({ back: edge([0]), front: edge([2, 2]) }),
      checkOutline({ back: edge([0, 0, 0]), front: edge([2, 2]) }),
    ]).toMatchSnapshot()
  })
  it('lanes, schools, setbacks and first beds', () => {
    expect(BED_KINDS.map((k) => laneCounts(k).map((n) => [laneNames(n, k), startShares(n, k)]))).toMatchSnapshot()
    expect([0, 0.2, 0.5, 0.7, 1].map(fromSpine)).toMatchSnapshot()
    expect(SCHOOL_FIGURES).toMatchSnapshot()
    expect(schoolOf(newBed('A', 4, 2), { layered: { spacing: 0.7 } }).spacing).toBe(0.7)
    expect([0.3, 0.9, 2, 8].map((w) => [setbackM(w, 'shrub'), setbackM(w, 'tree')])).toMatchSnapshot()
    expect(
      figures(BED_KINDS.flatMap((k) => [0.2, 1.2, 1.3, 4].map((depth) => newBed('A', 5, depth, k)))),
    ).toMatchSnapshot()
  })
})
