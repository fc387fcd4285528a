/** The header in which a window of the app names itself. It stands alone: the first script needs it, and no schema. */
export const TAB_HEADER = 'x-amber-window'
