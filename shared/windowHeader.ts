/** The header in which a window of the app names itself. */
export const TAB_HEADER = 'x-amber-window'
