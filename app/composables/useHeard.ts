/** Does something when others changed some part of the garden, and after a time without word of it. */
export function useHeard(what: string, act: () => unknown) {
  const live = useLiveStore()
  onScopeDispose(live.hear((changed) => void (changed === null || changed.what === what ? act() : undefined)))
}
