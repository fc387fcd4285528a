// npm run account -- <login> [name]: makes an account (the first is the owner), or gives one a new password.
import { runTool } from './tool.mjs'

await runTool('account')
