import { h, type FunctionalComponent } from 'vue'
import shapes from '#build/icons.mjs'

const PEN = {
  ...{ viewBox: '0 0 24 24', width: '1em', height: '1em', fill: 'none', stroke: 'currentColor' },
  ...{ 'stroke-width': 2, 'stroke-linecap': 'round', 'stroke-linejoin': 'round', 'aria-hidden': 'true' },
}

/** An icon drawn in its place: as a picture of a style sheet it would cost the browser a document of its own, some ten milliseconds. */
const DrawnIcon: FunctionalComponent<{
  name: string
  mode?: string
  size?: string | number
  customize?: unknown
}> = ({ name }) => h('svg', { ...PEN, class: 'iconify', innerHTML: shapes[name] ?? '' })
DrawnIcon.props = ['name', 'mode', 'size', 'customize']

export default DrawnIcon
