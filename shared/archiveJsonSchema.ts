import { z } from 'zod'
import { archiveSchema } from './archiveSchema'

/** The JSON Schema of `garden.json`, as archives are read: published in docs/garden-archive.schema.json. */
export const archiveJsonSchema = () =>
  z.toJSONSchema(archiveSchema, { io: 'input', unrepresentable: 'any', target: 'draft-2020-12' })
