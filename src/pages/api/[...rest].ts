import * as m from "@/messages";
import type { APIRoute } from "astro";
import { AppError } from "@/server/app-error";
import { errorResponse } from "@/server/http/respond";

export const ALL: APIRoute = () => errorResponse(new AppError("not-found", m.thereIsNoSuchEndpoint));
