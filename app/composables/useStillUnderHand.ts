/**
 * A list that stays as it is while the keyboard is in it: what comes late, such as the light of the bed, would take the rows from under
 * the hand. It is the very same one while its items are, so that what shows it stays where it was scrolled to. `hand` are the listeners of
 * what shows it.
 */
export function useStillUnderHand<T>(list: () => readonly T[]) {
  const shown = shallowRef(list())
  const inHand = ref(false)
  watch([list, inHand], ([now]) => {
    if (!inHand.value && !areSame(now, shown.value)) shown.value = now
  })
  const hand = {
    focusin: () => {
      inHand.value = true
    },
    focusout: ({ currentTarget, relatedTarget }: FocusEvent) => {
      inHand.value = (currentTarget as Node).contains(relatedTarget as Node | null)
    },
  }
  return { shown, hand }
}

const areSame = <T>(a: readonly T[], b: readonly T[]) =>
  a.length === b.length && a.every((item, i) => item === b[i])
