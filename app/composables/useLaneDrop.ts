import type { Plant } from '~~/core/plant'
import type { Axis } from './useAxis'
import type { HandAt } from './useDrag'

const sharedAxis = shallowRef<Axis | null>(null)
/** The axis of the pictures on screen, so that a drop knows which place it fell on. */
export const setDropAxis = (axis: Axis) => {
  sharedAxis.value = axis
}

/**
 * Dragging a plant from a list (its rows name theirs by `data-plant`): a preview drift follows the hand over the lanes and stays where it
 * is dropped.
 */
export function useLaneDrop(list: Readonly<Ref<HTMLElement | null>>) {
  const store = useBedStore()
  const compose = useComposeStore()
  const library = useLibraryStore()
  const { scene } = useScene()
  let held: { plant: Plant; id: string; ghost: HTMLElement } | null = null

  function dropAt({ clientX, clientY }: HandAt) {
    const lane = document
      .elementsFromPoint(clientX, clientY)
      .map((el) => el.closest<HTMLElement>('[data-lane]'))
      .find((el) => el !== null)
    if (!held || !lane || !sharedAxis.value || !scene.value || !store.kept) return null
    const { score } = sharedAxis.value
    const { frame } = scene.value
    const a = (clientX - lane.getBoundingClientRect().left - score.leftPx) / score.pxPerM + score.from
    const s = frame.sAt(Math.min(frame.runTo - 1e-6, Math.max(frame.runFrom, a)))
    const drift = newDrift(held.plant, Number(lane.dataset.lane), Math.round(s * 100) / 100, store.kept)
    return { kind: 'addDrift' as const, drift: { ...drift, id: held.id } }
  }
  function letGo() {
    held?.ghost.remove()
    held = null
  }

  useDrag(
    list,
    {
      begin: ({ target }) => {
        const plant = library.byId.get(target.closest<HTMLElement>('[data-plant]')?.dataset.plant ?? '')
        if (!plant) return false
        held = { plant, id: newId(), ghost: makeGhost(plant.commonName) }
        return true
      },
      move: (at) => {
        held!.ghost.style.transform = `translate(${at.clientX + 12}px, ${at.clientY + 8}px)`
        store.preview(dropAt(at))
      },
      end: (at) => {
        const edit = dropAt(at)
        if (edit) {
          store.edit(edit)
          compose.choose(edit.drift.id)
        } else store.preview(null)
        letGo()
      },
      cancel: () => {
        store.preview(null)
        letGo()
      },
    },
    '[data-plant]',
  )
}

function makeGhost(text: string): HTMLElement {
  const ghost = document.createElement('div')
  ghost.textContent = text
  ghost.style.cssText =
    'position:fixed;left:0;top:0;z-index:60;padding:4px ' +
    '9px;border-radius:6px;background:var(--amber);color:#2b2621;font:600 12px ' +
    'var(--font-sans);pointer-events:none'
  document.body.append(ghost)
  return ghost
}
