import type { Point } from '../geometry'

/** A plant on the site: its place in site metres, and what it is. */
export interface PlantOnSite extends Point {
  readonly bed: string
  readonly lane: string
  readonly letters: string
  readonly botanicalName: string
  readonly commonName: string
  readonly heightM: number
  readonly spreadM: number
}

/** An outline with the name of the bed it is. */
export interface NamedOutline {
  readonly name: string
  readonly outline: readonly Point[]
}

/** A line on a layer of its own, such as a pipe. */
export interface LayerLine {
  readonly layer: string
  readonly line: readonly Point[]
  readonly closed: boolean
  readonly name: string
}
