import { mergeParts } from './mergeParts'

/** A change that sets whole parts of a value, so that it leaves alone what others changed of them between `base` and `theirs`. */
export function rebaseChange<T extends object, E extends { readonly change: Partial<T> }>(
  edit: E,
  base: T,
  theirs: T,
): E {
  const keys = Object.keys(edit.change) as (keyof T)[]
  const change = Object.fromEntries(
    keys.map((k) => [k, mergeParts<unknown>(base[k], edit.change[k], theirs[k]).value]),
  )
  return { ...edit, change }
}
