import type { APIRoute } from "astro";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { calendarOf } from "@/server/evening/calendar";
import { download } from "@/server/http/download";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer } from "@/server/http/respond";

export const GET: APIRoute = ({ params }) =>
  answer(async () => {
    const { name, text } = await calendarOf(database(), LOCAL_OWNER_ID, params.id ?? "");
    return download(text, `${name}.ics`, "text/calendar");
  });

export const ALL: APIRoute = () => methodNotAllowed("GET");
