// npm run build: checks the plant library, then builds; a broken row stops it.
import { run, stampBuild } from './machine.mjs'

run('npx', ['--no-install', 'tsx', 'scripts/check-library.ts'])
run('npx', ['--no-install', 'nuxt', 'build'], { stdio: process.env.AMBER_VERBOSE ? 'inherit' : ['ignore', 'ignore', 'inherit'] })
stampBuild()
