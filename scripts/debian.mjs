// What comes from Debian's packages.
import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'

/** Debian's Chromium without windows of its own, which costs half; with them where only that one is to be had. */
export function ensureChromium() {
  if (existsSync('/usr/bin/chromium-headless-shell')) return
  console.log('Installing Chromium…')
  if (installed('chromium-headless-shell') || existsSync('/usr/bin/chromium') || installed('chromium')) return
  console.error('Chromium could not be installed; install Debian’s package “chromium” and try again.')
  process.exit(1)
}

/** Installs Debian packages; false when that cannot be done here. */
export function installed(...packages) {
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n']
  return [
    ['apt-get', 'update', '-qq'],
    ['apt-get', 'install', '-y', '-qq', ...packages],
  ].every((args) => {
    const [command, ...rest] = [...sudo, ...args]
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
    return spawnSync(command, rest, { stdio: ['ignore', 'ignore', 'inherit'], env }).status === 0
  })
}
