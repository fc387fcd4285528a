/** What a device kept or a server answered is not what this page knows. */
export class UnknownAnswer extends Error {}

/** The server's own words for why it refused, or a plain sentence when it could not be reached or answered what nobody knows. */
export function messageOf(error: unknown): string {
  if (error instanceof UnknownAnswer)
    return (
      `The server answered something that this page does not know (${error.message.trim()}). ` +
      'Load the page again: it may be an older one than the server.'
    )
  const data = (error as { data?: { message?: string; data?: { message?: string } } }).data
  return (
    data?.data?.message ??
    data?.message ??
    'The server cannot be reached. What you did is kept here; try again in a moment.'
  )
}

export const statusOf = (error: unknown): number => (error as { statusCode?: number }).statusCode ?? 0
/** The data an error answer carries. */
export const dataOf = <T>(error: unknown): T | undefined => (error as { data?: { data?: T } }).data?.data
