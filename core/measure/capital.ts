/** A capital to begin with; pH keeps its own. */
export const capital = (text: string) =>
  text.startsWith('pH') ? text : text.charAt(0).toUpperCase() + text.slice(1)
