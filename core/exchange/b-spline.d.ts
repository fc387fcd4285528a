declare module 'b-spline' {
  /** A place of a B-spline at 0 to 1 of its length in knots; weights make it rational. */
  export default function bSpline(
    t: number,
    degree: number,
    points: readonly (readonly number[])[],
    knots?: readonly number[],
    weights?: readonly number[],
  ): number[]
}
