// npm start: runs with the data there is.
import { launch } from './launch.mjs'

await launch()
