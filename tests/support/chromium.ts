import { existsSync } from 'node:fs'

const WITHOUT_WINDOWS = '/usr/bin/chromium-headless-shell'

/**
 * Debian's Chromium, as it is started everywhere: the one without windows of its own where it is installed. The other makes the pages of
 * its own window beside ours while they open, which costs the tests half their time again.
 */
export const CHROMIUM = {
  executablePath: existsSync(WITHOUT_WINDOWS) ? WITHOUT_WINDOWS : '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
}
