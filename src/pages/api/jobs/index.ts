import type { APIRoute } from "astro";
import { jobSchema } from "@/formats/wire/jobs/job-schema";
import { currentOwnerId } from "@/server/access";
import { database, jobQueue } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { beginJob } from "@/server/jobs/jobs";

/** A year of hours takes about this. */
const MOST_BODY_BYTES = 2_000_000;

export const POST: APIRoute = ({ request }) =>
  answer(async () => {
    const asked = await readJson(request, jobSchema, MOST_BODY_BYTES);
    return json(await beginJob(database(), await jobQueue(), currentOwnerId(), asked), 201);
  });

export const ALL: APIRoute = () => methodNotAllowed("POST");
