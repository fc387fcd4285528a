export { mergeParts, type Choose, type Meeting, type Merged, type Side } from './mergeParts'
export { same } from './same'
export { rebaseChange } from './rebaseChange'
export { meetingWords, type MeetingWords } from './meetingWords'
