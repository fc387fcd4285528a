import { describeRowError, readPlants } from '../../core/plant'

/**
 * A script that exports the plants of a list, read and checked.
 * @throws Error saying what of the list is wrong, and where
 */
export function libraryScript(csv: string): string {
  const read = readPlants(csv)
  if (!read.ok) throw new Error(`The plant library is broken: ${describeRowError(read.errors[0]!)}.`)
  // As one text: a list of this length is read far faster than it is compiled.
  return `export default JSON.parse(${JSON.stringify(JSON.stringify(read.plants))})`
}
