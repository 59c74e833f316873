import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { calendarOf } from "@/server/evening/calendar";
import { download } from "@/server/http/download";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer } from "@/server/http/respond";

export const GET: APIRoute = ({ params }) =>
  answer(async () => {
    const { name, text } = await calendarOf(database(), currentOwnerId(), params.id ?? "");
    return download(text, `${name}.ics`, "text/calendar");
  });

export const ALL: APIRoute = () => methodNotAllowed("GET");
