import { AsyncLocalStorage } from "node:async_hooks";
import { DEFAULT_PREFERENCES, type Preferences } from "@/formats/display/preferences";
import { showAs } from "@/formats/display/style";

const ofRequest = new AsyncLocalStorage<Preferences>();
showAs(() => ofRequest.getStore() ?? DEFAULT_PREFERENCES);

/** Answers a request with texts as its sender wants them; requests beside each other do not see each other's. */
export const inStyleOf = <Answer>(preferences: Preferences, work: () => Answer): Answer =>
  ofRequest.run(preferences, work);
