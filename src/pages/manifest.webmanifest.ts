import * as m from "@/messages";
import type { APIRoute } from "astro";

/** What a telephone needs to keep Umiak among its programs. */
const MANIFEST = {
  name: m.manifestName,
  short_name: "Umiak",
  description: m.manifestDescription,
  lang: m.language,
  id: "/",
  start_url: "/",
  scope: "/",
  display: "standalone",
  background_color: "#f4f1ea",
  theme_color: "#17242b",
  icons: [
    { src: "/icon-192.png", sizes: "192x192", type: "image/png" },
    { src: "/icon-512.png", sizes: "512x512", type: "image/png" },
    { src: "/icon-maskable-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
    { src: "/favicon.svg", sizes: "any", type: "image/svg+xml" },
  ],
  shortcuts: [
    { name: m.planAnOuting, url: "/outings/new" },
    { name: m.kit, url: "/kit" },
  ],
};

export const GET: APIRoute = () =>
  new Response(JSON.stringify(MANIFEST), { headers: { "content-type": "application/manifest+json" } });
