// npm run restore [-- file]: lists the backups, or puts the whole store back as one of them has it.
import { runTool } from './tool.mjs'

await runTool('restore')
