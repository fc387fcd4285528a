const missed = new Set<HTMLLinkElement>()

/** Remembers the style sheets that could not be fetched: the bundler asks for each only once. */
export function keepMissedStyles(): void {
  document.addEventListener(
    'error',
    ({ target }) => {
      if (target instanceof HTMLLinkElement && target.rel === 'stylesheet') missed.add(target)
    },
    true,
  )
}

/** Asks for them again; resolves when each has come, or failed once more. */
export async function fetchMissedStyles(): Promise<void> {
  const links = [...missed]
  missed.clear()
  await Promise.all(
    links.map(
      (link) =>
        new Promise((done) => {
          const again = link.cloneNode() as HTMLLinkElement
          again.onload = again.onerror = done
          link.replaceWith(again)
        }),
    ),
  )
}
