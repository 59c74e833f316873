import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { cancelJob, jobNow } from "@/server/jobs/jobs";

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(await jobNow(database(), currentOwnerId(), params.id ?? "")));

export const DELETE: APIRoute = ({ params }) =>
  answer(async () => json(await cancelJob(database(), currentOwnerId(), params.id ?? "")));

export const ALL: APIRoute = () => methodNotAllowed("GET, DELETE");
