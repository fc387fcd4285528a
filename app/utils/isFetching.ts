/** Whether what broke is a part that could not be fetched: told by the words of the framework, or by their number when it is built. */
export const isFetching = (info: string) => /async component loader|#runtime-13$/.test(info)
