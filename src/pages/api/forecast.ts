import type { APIRoute } from "astro";
import { asOfSchema, forecastHoursSchema, forecastViewSchema } from "@/formats/wire/evening/forecast-schema";
import { latitudeSchema, longitudeSchema } from "@/formats/wire/places/place-schema";
import { instantSchema } from "@/formats/within";
import { forecasts } from "@/server/composition";
import { forecastAt } from "@/server/forecast/forecast-at";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readQuery } from "@/server/http/read-query";
import { answer, json } from "@/server/http/respond";

/** What the service says of a point on earth, before anything is planned there. */
export const GET: APIRoute = ({ url }) =>
  answer(async () => {
    const asOf = readQuery(url, "asOf", asOfSchema);
    const found = await forecastAt(forecasts(), {
      latitudeDeg: readQuery(url, "latitude", latitudeSchema),
      longitudeDeg: readQuery(url, "longitude", longitudeSchema),
      startsAt: readQuery(url, "from", instantSchema),
      hours: readQuery(url, "hours", forecastHoursSchema),
      asOfMs: asOf === undefined ? Date.now() : Math.min(Date.now(), Date.parse(asOf)),
    });
    return json(forecastViewSchema.parse(found));
  });

export const ALL: APIRoute = () => methodNotAllowed("GET");
