/** An expected failure is a value: it says what was expected, what came and what to do. Bugs throw. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: string }

export const ok = <T>(value: T): Result<T> => ({ ok: true, value })
export const fail = <T = never>(error: string): Result<T> => ({ ok: false, error })
