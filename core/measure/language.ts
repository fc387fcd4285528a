/** The language of words in days and figures: a build in another language has its own here (docs/languages.md, modules/texts). */
export const LANGUAGE = 'en'
