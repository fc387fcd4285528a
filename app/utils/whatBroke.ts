// The framework says it in words, and by their numbers when it is built.
const MAKING = ['setup function', 'render function', 'component update']
const MAKING_NUMBERS = ['0', '1', '15']
const FETCHING = /async component loader|#runtime-13$/

const numberOf = (info: string) => /#runtime-(\w+)$/.exec(info)?.[1] ?? ''

/** Whether what broke is the making of a view: no step of the hand in it, and no part of it that could not be fetched. */
export const isMaking = (info: string) => MAKING.includes(info) || MAKING_NUMBERS.includes(numberOf(info))

/** Whether what broke is a part that could not be fetched. */
export const isFetching = (info: string) => FETCHING.test(info)
