import type { APIRoute } from "astro";
import { LOCAL_OWNER_ID } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer, json } from "@/server/http/respond";
import { cancelJob, jobNow } from "@/server/jobs/jobs";

export const GET: APIRoute = ({ params }) =>
  answer(async () => json(await jobNow(database(), LOCAL_OWNER_ID, params.id ?? "")));

export const DELETE: APIRoute = ({ params }) =>
  answer(async () => json(await cancelJob(database(), LOCAL_OWNER_ID, params.id ?? "")));

export const ALL: APIRoute = () => methodNotAllowed("GET, DELETE");
