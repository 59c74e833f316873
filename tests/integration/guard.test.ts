import { describe, expect, it } from "vitest";
import { AppError } from "@/server/app-error";
import { guardRequest } from "@/server/http/guard";
import { toAppError } from "@/server/http/respond";
import { secured } from "@/server/http/security-headers";

const request = (method: string, headers: Record<string, string>): Request =>
  new Request("http://127.0.0.1:4477/api/outings/1", { method, headers });
const codeOf = (given: Request): string | null => {
  try {
    guardRequest(given);
    return null;
  } catch (error) {
    return error instanceof AppError ? error.code : "other";
  }
};
const HOST = { host: "127.0.0.1:4477" };

describe("the guard", () => {
  it.each([
    ["a read on loopback", request("GET", HOST), null],
    ["a read by name", request("GET", { host: "localhost:4477" }), null],
    ["a foreign name pointed at this machine", request("GET", { host: "svartmyra.example:4477" }), "foreign-host"],
    ["no host at all", request("GET", {}), "foreign-host"],
    ["a write from the page itself", request("PUT", { ...HOST, origin: "http://127.0.0.1:4477" }), null],
    ["a write by a program without a browser", request("PUT", HOST), null],
    ["a write from another site", request("PUT", { ...HOST, origin: "http://evil.example" }), "foreign-origin"],
    ["a write from another port", request("PUT", { ...HOST, origin: "http://127.0.0.1:9999" }), "foreign-origin"],
    ["a write from nowhere", request("PUT", { ...HOST, origin: "null" }), "foreign-origin"],
    [
      "a write without origin that a browser marks cross-site",
      request("POST", { ...HOST, "sec-fetch-site": "cross-site" }),
      "foreign-origin",
    ],
  ])("%s", (_what, given, code) => expect(codeOf(given)).toBe(code));
});

describe("headers", () => {
  it("stand on every answer; what is no page may load nothing", () => {
    const response = secured(new Response("{}", { headers: { "content-type": "application/json" } }));
    expect(response.headers.get("x-content-type-options")).toBe("nosniff");
    expect(response.headers.get("content-security-policy")).toMatch(/default-src 'none'/);
  });

  it("leave the policy of a page alone, but for framing", () => {
    const page = new Response("", {
      headers: { "content-type": "text/html", "content-security-policy": "script-src 'self'" },
    });
    expect(secured(page).headers.get("content-security-policy")).toMatch(/script-src 'self'.*frame-ancestors 'none'/);
  });
});

it("a database that cannot be reached is told apart, however deep the driver hides it", () => {
  const refused = Object.assign(new Error("x"), { code: "ECONNREFUSED" });
  expect(toAppError(new Error("query", { cause: refused }))?.code).toBe("database-unreachable");
  expect(toAppError(new Error("something else"))).toBeNull();
});
