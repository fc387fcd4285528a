import type { Plant } from '~~/core/plant'
import type { Axis } from './useAxis'

const sharedAxis = shallowRef<Axis | null>(null)
/** The axis of the pictures on screen, so that a drop knows which place it fell on. */
export const setDropAxis = (axis: Axis) => {
  sharedAxis.value = axis
}

/** Dragging a plant from the shortlist: a preview drift follows the pointer over the lanes and stays where it is dropped. */
export function useLaneDrop() {
  const store = useBedStore()
  const compose = useComposeStore()
  const { scene } = useScene()

  function startDrag(event: PointerEvent, plant: Plant) {
    event.preventDefault()
    const id = newId()
    const ghost = makeGhost(plant.commonName)
    const dropAt = (e: PointerEvent) => {
      const lane = document
        .elementsFromPoint(e.clientX, e.clientY)
        .map((el) => el.closest<HTMLElement>('[data-lane]'))
        .find((el) => el !== null)
      if (!lane || !sharedAxis.value || !scene.value || !store.kept) return null
      const axis = sharedAxis.value
      const { frame } = scene.value
      const a =
        (e.clientX - lane.getBoundingClientRect().left - axis.score.leftPx) / axis.score.pxPerM + axis.score.from
      const s = frame.sAt(Math.min(frame.runTo - 1e-6, Math.max(frame.runFrom, a)))
      return {
        kind: 'addDrift' as const,
        drift: { ...newDrift(plant, Number(lane.dataset.lane), Math.round(s * 100) / 100, store.kept), id },
      }
    }
    const move = (e: PointerEvent) => {
      ghost.style.transform = `translate(${e.clientX + 12}px, ${e.clientY + 8}px)`
      store.preview(dropAt(e))
    }
    const end = (e: PointerEvent) => {
      stop()
      const edit = dropAt(e)
      if (edit) {
        store.edit(edit)
        compose.choose(id)
      } else {
        store.preview(null)
      }
    }
    const stop = () => {
      ghost.remove()
      removeEventListener('pointermove', move)
      removeEventListener('pointerup', end)
      removeEventListener('pointercancel', cancel)
    }
    const cancel = () => {
      stop()
      store.preview(null)
    }
    addEventListener('pointermove', move)
    addEventListener('pointerup', end)
    addEventListener('pointercancel', cancel)
    move(event)
  }
  return { startDrag }
}

function makeGhost(text: string): HTMLElement {
  const ghost = document.createElement('div')
  ghost.textContent = text
  ghost.style.cssText =
    'position:fixed;left:0;top:0;z-index:60;padding:4px 9px;border-radius:6px;background:var(--amber);color:#2b2621;font:600 12px var(--font-sans);pointer-events:none'
  document.body.append(ghost)
  return ghost
}
