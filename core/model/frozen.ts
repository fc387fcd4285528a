/** A value as it is passed about: nothing in it may be changed. */
export type Frozen<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends readonly (infer U)[]
    ? readonly Frozen<U>[]
    : { readonly [K in keyof T]: Frozen<T[K]> }
