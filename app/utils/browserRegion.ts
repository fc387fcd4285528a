import { regionOfTag, type Region } from '~~/core/measure'

/** The country whose days and clocks are written on pages about the whole store, which belong to no garden: the browser's. */
export const browserRegion = (): Region => regionOfTag(import.meta.client ? navigator.language : '')
