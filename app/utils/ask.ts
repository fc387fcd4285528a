/** Asks the server where the answer's type is said by the asker: the routes' own types are too many to be followed everywhere. */
export const ask = <T>(
  url: string,
  options: { readonly method?: 'POST' | 'PUT' | 'DELETE'; readonly body?: object } = {},
) => ($fetch as (url: string, options: object) => Promise<T>)(url, options)
