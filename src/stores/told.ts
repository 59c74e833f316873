import { atom } from "nanostores";

/** Something that was done: said once, in passing, with a way to take it back. */
export type Told = {
  readonly words: string;
  readonly undo?: (() => void | Promise<void>) | undefined;
};

/** What was told last. Whoever shows it listens. */
export const $told = atom<Told | null>(null);

export const tell = (words: string, undo?: Told["undo"]): void => $told.set({ words, undo });
