import type { SentEdit } from '../../shared/wire'

/** An edit that gives a bed another name, as it is sent. */
export const rename = (name: string, id = name.replace(/\W+/g, '-')): SentEdit => ({
  id,
  how: 'edit',
  edit: { kind: 'setBed', change: { name } },
})
