import type { APIRoute } from "astro";
import { asOfSchema, forecastViewSchema } from "@/formats/wire/evening/forecast-schema";
import { currentOwnerId } from "@/server/access";
import { database, forecasts } from "@/server/composition";
import { forecastOfOuting } from "@/server/forecast/forecast-of-outing";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readQuery } from "@/server/http/read-query";
import { answer, json } from "@/server/http/respond";

export const GET: APIRoute = ({ params, url }) =>
  answer(async () => {
    const asOf = readQuery(url, "asOf", asOfSchema);
    const asOfMs = asOf === undefined ? Date.now() : Math.min(Date.now(), Date.parse(asOf));
    const found = await forecastOfOuting(database(), forecasts(), currentOwnerId(), params.id ?? "", asOfMs);
    return json(forecastViewSchema.parse(found));
  });

export const ALL: APIRoute = () => methodNotAllowed("GET");
