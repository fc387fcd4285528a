import type { Paint } from './path'

/** Paints one after another, without laying them together: those that are made while they are drawn stay so. */
export const inTurn = (...parts: readonly Iterable<Paint>[]): Iterable<Paint> => ({
  *[Symbol.iterator]() {
    for (const part of parts) yield* part
  },
})
