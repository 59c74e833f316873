import type { APIRoute } from "astro";
import { outingCalendar } from "@/formats/calendar/outing-calendar";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { fieldCardOf } from "@/server/evening/field-card";
import { download } from "@/server/http/download";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer } from "@/server/http/respond";

export const GET: APIRoute = ({ params }) =>
  answer(async () => {
    const card = await fieldCardOf(database(), LOCAL_OWNER_ID, params.id ?? "");
    return download(outingCalendar(card, new Date()), `${card.view.name}.ics`, "text/calendar");
  });

export const ALL: APIRoute = () => methodNotAllowed("GET");
