export { bedOfSound, sceneOfSound } from './bedOfSound'
export { type SoundBed, SOUND_BEDS } from './soundBeds'
export { shuffled, type Spoiler, SPOILERS } from './spoil'
