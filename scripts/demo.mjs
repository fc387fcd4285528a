// npm run demo [-- --reset]: everything from nothing to a running demo garden. Existing data is left alone unless --reset.
import { launch } from './launch.mjs'

await launch({ demo: true, reset: process.argv.includes('--reset') })
