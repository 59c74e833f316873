import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer } from "@/server/http/respond";
import { liveEvents } from "@/server/live/events";

const placeOf = (text: string | null): number => {
  const place = Number(text ?? 0);
  return Number.isSafeInteger(place) && place > 0 ? place : 0;
};

/** What is told of a sit, as it comes. */
export const GET: APIRoute = ({ params, request }) =>
  answer(() => {
    const after = request.headers.get("last-event-id") ?? new URL(request.url).searchParams.get("after");
    return liveEvents(database(), currentOwnerId(), params.id ?? "", placeOf(after));
  });

export const ALL: APIRoute = () => methodNotAllowed("GET");
