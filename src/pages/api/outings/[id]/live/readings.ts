import * as m from "@/messages";
import type { APIRoute } from "astro";
import { readSenml, senmlSchema } from "@/formats/live/senml";
import { AppError } from "@/server/app-error";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { takeReadings } from "@/server/live/live";

/** What a logger proves itself by; `null` of Umiak's own page. @throws {AppError} `wrong-token` */
function tokenOf(request: Request): string | null {
  const bearer = /^Bearer (\S+)$/.exec(request.headers.get("authorization") ?? "")?.[1];
  if (bearer) return bearer;
  if (request.headers.get("sec-fetch-site") === "same-origin") return null;
  throw new AppError("wrong-token", m.liveWrongToken);
}

/** Measurements as loggers send them: SenML, RFC 8428. */
export const POST: APIRoute = ({ params, request }) =>
  answer(async () => {
    const token = tokenOf(request);
    const { readings, leftOut } = readSenml(await readJson(request, senmlSchema), Date.now());
    const taken = await takeReadings(database(), currentOwnerId(), params.id ?? "", token, readings);
    return json({ taken, leftOut });
  });

export const ALL: APIRoute = () => methodNotAllowed("POST");
