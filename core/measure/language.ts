/** The language of words in days and figures; a build in another language puts its own here (docs/languages.md). */
export const LANGUAGE = 'en'
