import { useSyncExternalStore } from "react";

const nothingToFollow = (): (() => void) => () => undefined;

/** Whether the browser has taken the page over: false as the server renders it, then true. */
export const useAlive = (): boolean =>
  useSyncExternalStore(
    nothingToFollow,
    () => true,
    () => false,
  );
