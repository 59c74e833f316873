import type { APIRoute } from "astro";
import { currentOwnerId } from "@/server/access";
import { database } from "@/server/composition";
import { cardFileOf } from "@/server/evening/card-file";
import { download } from "@/server/http/download";
import { methodNotAllowed } from "@/server/http/method-not-allowed";
import { answer } from "@/server/http/respond";

export const GET: APIRoute = ({ params }) =>
  answer(async () => {
    const { name, text } = await cardFileOf(database(), currentOwnerId(), params.id ?? "");
    return download(text, `${name}.html`, "text/html");
  });

export const ALL: APIRoute = () => methodNotAllowed("GET");
