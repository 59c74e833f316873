import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync, mkdirSync } from "node:fs";
import http, { type IncomingMessage, type ServerResponse } from "node:http";
import https from "node:https";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import path from "node:path";
import { brotliDecompressSync } from "node:zlib";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { answering } from "../../scripts/run/answering.mjs";
import { compressBuilt } from "../../scripts/run/compress-built.mjs";
import { ownCertificate } from "../../scripts/run/lan/certificate.mjs";
import { readCatalogue } from "../../scripts/messages/catalogue.mjs";
import { newPairingCode, pairing } from "../../scripts/run/lan/pairing.mjs";
import { serveLan } from "../../scripts/run/lan/serve.mjs";

// Other devices of the network, over real TLS, before an application that only says hello.

const CODE = "ABCD2345";
const HERE = ["127.0.0.1"];
let folder: string;
beforeAll(() => (folder = mkdtempSync(path.join(tmpdir(), "umiak-lan-"))));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

type Answer = { readonly status: number; readonly headers: IncomingMessage["headers"]; readonly body: Buffer };
const get = (client: typeof http | typeof https, port: number, route: string, headers: Record<string, string> = {}) =>
  new Promise<Answer>((resolve, reject) => {
    const options = { host: "127.0.0.1", port, path: route, headers, rejectUnauthorized: false };
    client
      .get(options, (response) => {
        const parts: Buffer[] = [];
        response.on("data", (part: Buffer) => parts.push(part));
        response.on("end", () =>
          resolve({ status: response.statusCode!, headers: response.headers, body: Buffer.concat(parts) }),
        );
      })
      .on("error", reject);
  });

const hello = (_: IncomingMessage, response: ServerResponse): void => void response.end("hello");

describe("devices of the network", () => {
  let server: https.Server;
  let port: number;
  beforeAll(async () => {
    server = await serveLan({ port: 0, folder, code: CODE, addresses: HERE }, hello);
    port = (server.address() as AddressInfo).port;
  });
  afterAll(() => void server.close());

  it("get nothing but the question for the code, whatever they ask for", async () => {
    // Addresses that are none are among them: whoever is not paired must not end the server with one.
    const odd = ["//", "/%", "//[", "/pair?%", "http://[/", "/?code=ABCD2345"];
    for (const route of ["/", "/api/outings", "/api/backup", "/_astro/x.js", "/pair", "/service-worker.js", ...odd]) {
      const { status, body, headers } = await get(https, port, route, { cookie: "umiak-paired=made-up" });
      expect(status).toBe(401);
      expect(body.toString()).not.toContain("hello");
      expect(body.toString()).toContain("not paired");
      expect(headers["content-security-policy"]).toContain("default-src 'none'");
    }
  });

  it("are asked in the language their browser asks for", async () => {
    const { body } = await get(https, port, "/", { "accept-language": "nb-NO,nb;q=0.9" });
    expect(body.toString()).toContain('<html lang="nb">');
    expect(body.toString()).toContain(readCatalogue("nb").get("pairThisDevice"));
  });

  it("with the code are paired, and stay so after a start with another code", async () => {
    const wrong = await get(https, port, "/pair?code=WRONG234");
    expect(wrong.status).toBe(403);
    // As people type it: in small letters, with a space in the middle.
    const { status, headers } = await get(https, port, "/pair?code=abcd%202345");
    expect(status).toBe(303);
    const set = headers["set-cookie"]![0]!;
    expect(set).toMatch(/HttpOnly; Secure; SameSite=Lax/);
    const cookie = set.split(";")[0]!;
    expect((await get(https, port, "/", { cookie })).body.toString()).toBe("hello");
    expect(readFileSync(path.join(folder, "devices.json"), "utf8")).not.toContain(cookie.split("=")[1]);
    const again = await serveLan({ port: 0, folder, code: newPairingCode(), addresses: HERE }, hello);
    const next = (again.address() as AddressInfo).port;
    expect((await get(https, next, "/", { cookie })).body.toString()).toBe("hello");
    expect((await get(https, next, `/pair?code=${CODE}`)).status).toBe(403);
    again.close();
  });

  it("that guess are shut out for a minute, even with the right code", () => {
    let time = 0;
    const gate = pairing({ folder: path.join(folder, "guessing"), code: CODE, now: () => time });
    const statusOf = (code: string): number => {
      let told = 0;
      const response = { writeHead: (status: number) => ((told = status), response), end: () => response };
      gate(
        { url: `/pair?code=${code}`, headers: {} } as IncomingMessage,
        response as unknown as ServerResponse,
        () => undefined,
      );
      return told;
    };
    for (let guess = 0; guess < 5; guess++) expect(statusOf(`GUESS${guess}`)).toBe(403);
    expect(statusOf(CODE)).toBe(429);
    time = 59_999;
    expect(statusOf(CODE)).toBe(429);
    time = 60_001;
    expect(statusOf(CODE)).toBe(303);
  });

  it("see one certificate as long as the machine's address stays, whose key nobody else reads", async () => {
    const own = path.join(folder, "certificate");
    const first = await ownCertificate(own, HERE);
    expect((await ownCertificate(own, HERE)).fingerprint).toBe(first.fingerprint);
    expect(statSync(path.join(own, "key.pem")).mode & 0o077).toBe(0);
    expect((await ownCertificate(own, ["192.0.2.7"])).fingerprint).not.toBe(first.fingerprint);
  });

  it("are given codes that nobody can confuse or guess from another", () => {
    const codes = Array.from({ length: 200 }, newPairingCode);
    expect(new Set(codes).size).toBe(200);
    for (const code of codes) expect(code).toMatch(/^[A-HJ-NP-Z2-9]{8}$/);
  });
});

describe("what is answered", () => {
  const page = `<p>${"frost ".repeat(1000)}</p>`;
  let server: http.Server;
  let port: number;
  beforeAll(async () => {
    mkdirSync(path.join(folder, "client/_astro"), { recursive: true });
    writeFileSync(path.join(folder, "client/_astro/a.js"), `const frost = "${"cold ".repeat(1000)}";`);
    compressBuilt(path.join(folder, "client/_astro"));
    server = http.createServer(
      answering([path.join(folder, "client")], (_, response) => {
        response.setHeader("content-type", "text/html");
        response.end(page);
      }),
    );
    await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
    port = (server.address() as AddressInfo).port;
  });
  afterAll(() => void server.close());

  it.each([
    ["/_astro/a.js", "max-age=31536000"],
    ["/outings", undefined],
  ])("%s is compressed for who can read it, and whole for who cannot", async (route, cached) => {
    const packed = await get(http, port, route, { "accept-encoding": "br, gzip" });
    expect(packed.headers["content-encoding"]).toBe("br");
    expect(packed.body.length).toBeLessThan(500);
    const plain = await get(http, port, route);
    expect(plain.headers["content-encoding"]).toBeUndefined();
    expect(brotliDecompressSync(packed.body)).toEqual(plain.body);
    if (cached) expect(packed.headers["cache-control"]).toContain(cached);
    expect((await get(http, port, route, { "accept-encoding": "gzip" })).headers["content-encoding"]).toBe("gzip");
  });

  it("a method that nothing knows is refused", async () => {
    const status = await new Promise((resolve, reject) =>
      http
        .request({ host: "127.0.0.1", port, method: "PROPFIND" }, (response) => {
          response.resume();
          resolve(response.statusCode);
        })
        .on("error", reject)
        .end(),
    );
    expect(status).toBe(405);
  });
});
