/** Most characters of a name, and of a note. */
export const NAME_LENGTH = 200;
export const NOTE_LENGTH = 20_000;
