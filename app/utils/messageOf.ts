/** The server's own words for why it refused, or a plain sentence when it could not be reached. */
export function messageOf(error: unknown): string {
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
