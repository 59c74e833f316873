import { readdirSync } from "node:fs";
import http from "node:http";
import { seededRandom, type RandomStream } from "@/core/numeric";

// Requests nobody would make in good faith, drawn from a seed.

const oneOf = <Item>(random: RandomStream, items: readonly Item[]): Item => items[Math.floor(random() * items.length)]!;

const METHODS = ["GET", "POST", "PUT", "DELETE", "PATCH", "TRACE", "OPTIONS", "HEAD", "MOSS"];
const IDS = [
  "constructor",
  "..%2f..%2fetc%2fpasswd",
  "%00",
  "0",
  "' or 1=1 --",
  "01900000-0000-7000-8000-000000000001",
];
const VALUES: readonly unknown[] = [
  null,
  "",
  "\0",
  "\uD800",
  "<script>alert(1)</script>",
  -1,
  1e308,
  2 ** 31,
  NaN,
  true,
  [],
  {},
  "9999-12-31T23:59:59Z",
  "0000-01-01T00:00:00Z",
  "=HYPERLINK(1)",
  { __proto__: 1, constructor: { prototype: 1 } },
];
/** Every endpoint and page there is but those that tell of errors, by its file, and what some of them are asked besides. */
const ENDPOINTS = [
  ...readdirSync("src/pages", { recursive: true, encoding: "utf8" })
    .filter((file) => /\.(ts|astro)$/.test(file) && !/^(404|500)|webmanifest|\[\.\.\.rest\]/.test(file))
    .map((file) => `/${file.replace(/(^|\/)index\.\w+$|\.(ts|astro)$/, "").replaceAll(/\[\w+\]/g, "ID")}`),
  "/api/outings/ID/forecast?asOf=VALUE",
  "/api/people/ID/outfits?before=VALUE",
  "/api/pieces/ID/photo?version=VALUE",
  "/api/shares?kind=VALUE&item=ID",
  "/api/nothing",
  "/kit?person=VALUE",
  "/compare?one=VALUE&other=ID",
];
const HEADERS: readonly Record<string, string>[] = [
  {},
  { origin: "http://evil.example" },
  { host: "evil.example" },
  { cookie: "umiak=%00; preferences=%7B%22temperature%22%3A%22%3Cb%3E%22%7D" },
];
const TYPES = ["application/json", "text/plain", "image/jpeg", "application/x-www-form-urlencoded"];

/** A value with a thing of it, somewhere, swapped for something else. */
function spoiled(random: RandomStream, value: unknown): unknown {
  if (random() < 0.2 || typeof value !== "object" || value === null) return oneOf(random, VALUES);
  if (Array.isArray(value)) {
    const list = [...(value as unknown[])];
    if (list.length > 0) {
      const index = Math.floor(random() * list.length);
      list[index] = spoiled(random, list[index]);
    }
    return list;
  }
  const names = Object.keys(value);
  const name = oneOf(random, [...names, "unknown"]);
  return { ...value, [name]: spoiled(random, (value as Record<string, unknown>)[name]) };
}

export type HostileRequest = {
  readonly method: string;
  readonly path: string;
  readonly headers: Record<string, string>;
  readonly body: string | null;
};

/** @param content real bodies and ids of this server, to be spoiled */
export function hostileRequest(
  seed: number,
  content: { readonly ids: readonly string[]; readonly bodies: readonly unknown[] },
): HostileRequest {
  const random = seededRandom(seed);
  const method = oneOf(random, METHODS);
  const path = oneOf(random, ENDPOINTS)
    .replaceAll("ID", () => encodeURI(oneOf(random, [...IDS, ...content.ids])))
    .replace(
      "VALUE",
      encodeURIComponent(String(oneOf(random, ["", "\0", "x".repeat(3000), "2027-13-45", "9".repeat(30)]))),
    );
  const writes = ["POST", "PUT", "PATCH", "DELETE"].includes(method);
  const nested = "[".repeat(20_000) + "]".repeat(20_000);
  const body = !writes
    ? null
    : random() < 0.1
      ? oneOf(random, ["{", nested, "\xff\xd8\xff", ""])
      : JSON.stringify(spoiled(random, spoiled(random, oneOf(random, content.bodies))));
  const headers = { ...oneOf(random, HEADERS), ...(writes && { "content-type": oneOf(random, TYPES) }) };
  return { method, path, headers, body };
}

/** Sends a request as it is, also what `fetch` would refuse to. @returns status and body; status 0 where the connection was cut */
export function send(
  address: string,
  { method, path, headers, body }: HostileRequest,
): Promise<{ status: number; text: string }> {
  return new Promise((resolve) => {
    const request = http.request(`${address}${path}`, { method, headers, timeout: 60_000 }, (response) => {
      const status = response.statusCode ?? 0;
      // What is pushed never ends by itself.
      if (response.headers["content-type"]?.startsWith("text/event-stream")) {
        resolve({ status, text: "" });
        return void response.destroy();
      }
      let text = "";
      response.setEncoding("utf8");
      response.on("data", (part: string) => (text += part));
      response.on("end", () => resolve({ status, text }));
      response.on("error", () => resolve({ status: 0, text }));
    });
    request.on("error", () => resolve({ status: 0, text: "" }));
    request.on("timeout", () => request.destroy());
    request.end(body ?? undefined);
  });
}
