import { randomUUID } from "node:crypto";
import http from "node:http";
import type { AddressInfo } from "node:net";
import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { KitView } from "@/formats/wire/kit/kit-view";
import type { OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import { TriedServer } from "./server";
import { startWeb, type WebProcess } from "./web-process";

// Web processes keep nothing: three of them and two workers on one database, behind something that sends each request to the
// next in turn. One person signs in on one, edits on another, looks on a third, and loses one meanwhile.

const FURTHER_WEBS = 2;
const EDITS = 60;
const KILLED_AT = 20;
const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 0, 0xff, 0xd9]);

/** Passes each request to the next process in turn; one that does not answer is passed over. */
function roundRobin(ports: () => readonly number[]): http.Server {
  let turn = 0;
  return http.createServer((request, response) => {
    const parts: Buffer[] = [];
    request.on("data", (part: Buffer) => parts.push(part));
    request.on("end", () => {
      const all = ports();
      const tryNext = (left: number): void => {
        if (left === 0) {
          response.writeHead(503).end();
          return;
        }
        const port = all[turn++ % all.length]!;
        const { method, url, headers } = request;
        const onwards = http.request({ host: "127.0.0.1", port, method, path: url, headers }, (answer) => {
          response.writeHead(answer.statusCode ?? 502, { ...answer.headers, "x-answered-by": String(port) });
          answer.pipe(response);
        });
        // What was cut off may have been done: only who could not be reached is passed over.
        onwards.on("error", (error: NodeJS.ErrnoException) =>
          error.code === "ECONNREFUSED" ? tryNext(left - 1) : response.headersSent || response.writeHead(503).end(),
        );
        onwards.end(Buffer.concat(parts));
      };
      tryNext(all.length);
    });
  });
}

/** What a browser does, and which processes answered it. */
class Browser {
  private readonly cookies = new Map<string, string>();
  readonly answeredBy = new Set<string>();
  constructor(private readonly address: string) {}

  async ask(path: string, method = "GET", body?: object | Buffer): Promise<Response> {
    const answer = await fetch(`${this.address}${path}`, {
      method,
      headers: {
        cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join("; "),
        ...(method !== "GET" && { "content-type": Buffer.isBuffer(body) ? "image/jpeg" : "application/json" }),
      },
      ...(body && { body: Buffer.isBuffer(body) ? new Uint8Array(body) : JSON.stringify(body) }),
    });
    for (const set of answer.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(set)!;
      if (value === "" || /max-age=0/i.test(set)) this.cookies.delete(name!);
      else this.cookies.set(name!, value!);
    }
    const by = answer.headers.get("x-answered-by");
    if (by !== null) this.answeredBy.add(by);
    return answer;
  }

  async json<Answer>(path: string): Promise<Answer> {
    const answer = await this.ask(path);
    if (!answer.ok) throw new Error(`${path} answered ${answer.status}`);
    return (await answer.json()) as Answer;
  }
}

export type ManyMachines = {
  readonly webs: number;
  readonly edits: number;
  readonly acknowledged: number;
  readonly lost: number;
  readonly statuses: readonly number[];
  readonly problems: readonly string[];
};

export async function manyMachines(): Promise<ManyMachines> {
  const front = roundRobin(() => ports);
  let ports: number[] = [];
  await new Promise<void>((resolve) => front.listen(0, "127.0.0.1", resolve));
  const address = `http://127.0.0.1:${(front.address() as AddressInfo).port}`;
  const shared = { UMIAK_SIGN_IN: "1", UMIAK_ADDRESS: address };
  const server = new TriedServer(shared);
  const further: WebProcess[] = [];
  const problems: string[] = [];
  const expect = (isSo: boolean, what: string): void => void (isSo || problems.push(what));
  try {
    await server.start();
    for (let web = 0; web < FURTHER_WEBS; web++)
      further.push(await startWeb({ ...shared, DATABASE_URL: server.databaseUrl() }));
    ports = [Number(new URL(server.address).port), ...further.map(({ port }) => port)];

    const browser = new Browser(address);
    const who = { name: "Eskil", email: `${randomUUID()}@umiak.example`, password: "thick ice this year" };
    expect((await browser.ask("/api/account/sign-up", "POST", who)).ok, "no account was made");
    expect((await browser.ask("/api/account/demo", "POST", {})).ok, "no demonstration was copied");
    const lines = await browser.json<OutingLine[]>("/api/outings");
    const [{ id }] = lines as [OutingLine];
    const view = await browser.json<OutingView>(`/api/outings/${id}`);
    const { pieces } = await browser.json<KitView>(`/api/people/${view.person.id}/pieces`);
    const piece = pieces[0]!;
    expect(
      (await browser.ask(`/api/pieces/${piece.id}/photo?version=${piece.version}`, "PUT", JPEG)).ok,
      "no photo was kept",
    );
    for (let web = 0; web < ports.length; web++) {
      const photo = Buffer.from(await (await browser.ask(`/api/pieces/${piece.id}/photo`)).arrayBuffer());
      expect(photo.equals(JPEG), "a process has another photo");
    }

    // Edits go on while one process is killed: what was acknowledged is there, and nothing but a clear 503 is answered.
    const statuses: number[] = [];
    let [acknowledged, last] = [0, -1];
    for (let edit = 0; edit < EDITS; edit++) {
      if (edit === KILLED_AT) further[0]!.kill();
      const now = await browser.json<OutingView>(`/api/outings/${id}`).catch(() => null);
      if (!now) continue;
      const setting = { ...now.setting, seatHeightM: edit / 100 };
      const body = { version: now.version, ...contentOfView(now), setting };
      const answer = await browser.ask(`/api/outings/${id}`, "PUT", body).catch(() => null);
      statuses.push(answer?.status ?? 0);
      if (answer?.ok) [acknowledged, last] = [acknowledged + 1, edit];
    }
    const after = await browser.json<OutingView>(`/api/outings/${id}`);
    const lost = Math.round(after.setting.seatHeightM * 100) < last ? 1 : 0;
    expect(lost === 0, "an acknowledged edit was lost");
    expect(
      statuses.every((status) => status < 500 || status === 503),
      "something other than a clear 503 was answered",
    );
    expect(browser.answeredBy.size === ports.length, "not every process was asked");
    expect((await browser.ask("/api/account/sign-out", "POST", {})).ok, "nobody could sign out");
    for (let web = 0; web < ports.length; web++)
      expect((await browser.ask("/api/outings")).status === 401, "a process still knows who signed out");
    return { webs: ports.length, edits: EDITS, acknowledged, lost, statuses, problems };
  } finally {
    for (const web of further) web.kill();
    front.close();
    front.closeAllConnections();
    await server.stop();
  }
}
