export { mergeParts, type Choose, type Meeting, type Merged, type Side, same } from './mergeParts'
export { rebaseChange } from './rebaseChange'
export { meetingWords, type MeetingWords } from './meetingWords'
