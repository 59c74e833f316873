import type { APIRoute } from "astro";
import { practicePreferencesChangeSchema } from "@/formats/wire/kit/practice-preferences-schema";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { readJson } from "@/server/http/read-json";
import { answer, json } from "@/server/http/respond";
import { savePracticePreferences } from "@/server/people/practice-preferences";

export const PUT: APIRoute = ({ params, request }) =>
  answer(async () => {
    const change = await readJson(request, practicePreferencesChangeSchema);
    return json(await savePracticePreferences(database(), currentOwnerId(), params.id ?? "", change));
  });

export const ALL: APIRoute = () => methodNotAllowed("PUT");
