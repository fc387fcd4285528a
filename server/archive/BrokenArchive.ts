/** What is wrong with an archive, in words; nothing has been changed. */
export class BrokenArchive extends Error {}
