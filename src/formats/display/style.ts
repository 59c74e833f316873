import { DEFAULT_PREFERENCES, type Preferences } from "./preferences";

// Texts are written as whoever reads them wants. Who that is, is known where texts are asked for: in a browser its one
// person, on the server whoever sent the request. So what makes texts asks here, and is not handed it through every call.

let read: () => Preferences = () => DEFAULT_PREFERENCES;

/** How texts are to be written now. */
export const shownAs = (): Preferences => read();

/** Says where the preferences of whoever reads are found; once, as a program begins. */
export const showAs = (reader: () => Preferences): void => {
  read = reader;
};
