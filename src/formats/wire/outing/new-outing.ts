import type { NewOuting } from "./new-outing-schema";

/** What a browser sends to make an outing: a type alone, so that no schema travels to the browser. */
export type NewOutingBody = NewOuting;
