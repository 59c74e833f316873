/** Headers of every answer. Scripts and styles are governed by the hashes that the pages carry themselves. */
const HEADERS: Readonly<Record<string, string>> = {
  "x-content-type-options": "nosniff",
  "x-frame-options": "DENY",
  "referrer-policy": "no-referrer",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(), microphone=(), geolocation=(), payment=()",
};

const NO_FRAME = "frame-ancestors 'none'";
const NOTHING_ALLOWED = `default-src 'none'; ${NO_FRAME}`;

/** The answer with security headers; what is no page may load nothing at all. */
export function secured(response: Response): Response {
  for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
  response.headers.append("vary", "accept-language, cookie"); // language, units
  const isPage = response.headers.get("content-type")?.startsWith("text/html") ?? false;
  // What a person sees is theirs: no cache between keeps it, and none of yesterday is shown.
  if (isPage && !response.headers.has("cache-control")) response.headers.set("cache-control", "no-store");
  const ofPage = response.headers.get("content-security-policy") ?? "default-src 'self'";
  response.headers.set(
    "content-security-policy",
    isPage ? `${ofPage.replace(/;\s*$/, "")}; ${NO_FRAME}` : NOTHING_ALLOWED,
  );
  return response;
}
