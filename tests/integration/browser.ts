import type { APIContext } from "astro";
import { answeredAsOwner } from "@/server/http/signed-in";

/** The address of the shared server of these tests; invented. */
export const ADDRESS = "http://umiak.example";

let turn = 0;
/** Each from an address of its own, unless it is said: tries of one address are limited. */
const newAddress = (): string => `192.0.2.${++turn}`;
const redirected = (to: string): Response => new Response(null, { status: 302, headers: { location: to } });

type Handler = (context: APIContext) => Response | Promise<Response>;
export const endpoints: Readonly<Record<string, Readonly<Record<string, Handler>>>> = import.meta.glob(
  "/src/pages/api/**/*.ts",
  { eager: true },
);

/** The endpoint at an address and what its path says, as the router finds them: a fixed name goes before any. */
function routed(pathname: string): {
  readonly handlers: Readonly<Record<string, Handler>>;
  readonly params: Record<string, string>;
} {
  const routes = Object.entries(endpoints)
    .filter(([file]) => !file.includes("[...rest]"))
    .map(([file, handlers]) => ({ path: file.replace(/^\/src\/pages|(\/index)?\.ts$/g, ""), handlers }))
    .sort((one, other) => Number(one.path.includes("[")) - Number(other.path.includes("[")));
  for (const { path, handlers } of routes) {
    const names = [...path.matchAll(/\[(\w+)\]/g)].map(([, name]) => name!);
    const found = new RegExp(`^${path.replaceAll(/\[\w+\]/g, "([^/]+)")}$`).exec(pathname);
    if (found) return { handlers, params: Object.fromEntries(names.map((name, at) => [name, found[at + 1]!])) };
  }
  throw new Error(`no endpoint at ${pathname}`);
}

/** What a browser does: sends its cookies, keeps those it is given. */
export class Browser {
  private cookies = new Map<string, string>();

  /** Has one handler answer. */
  async call(
    handler: unknown,
    method: string,
    pathname: string,
    body?: object,
    { clientAddress = newAddress(), params = {} as Record<string, string> } = {},
  ): Promise<Response> {
    const cookie = [...this.cookies].map(([name, value]) => `${name}=${value}`).join("; ");
    const url = new URL(pathname, ADDRESS);
    const request = new Request(url, {
      method,
      headers: { ...(cookie && { cookie }), "content-type": "application/json" },
      ...(body && { body: JSON.stringify(body) }),
    });
    const context = { request, url, locals: {}, params, clientAddress, redirect: redirected };
    const response = await answeredAsOwner(context as unknown as APIContext, async () =>
      (handler as Handler)(context as unknown as APIContext),
    );
    for (const set of response.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(set)!;
      if (/max-age=0/i.test(set) || value === "") this.cookies.delete(name!);
      else this.cookies.set(name!, value!);
    }
    return response;
  }

  /** Asks whichever endpoint is at an address. */
  ask(method: string, pathname: string, body?: object): Promise<Response> {
    const { handlers, params } = routed(new URL(pathname, ADDRESS).pathname);
    const handler = handlers[method] ?? handlers.ALL;
    return this.call(handler, method, pathname, body, { params });
  }

  /** What an endpoint answers that is there. */
  async read<Answer>(pathname: string): Promise<Answer> {
    const response = await this.ask("GET", pathname);
    if (!response.ok) throw new Error(`${pathname}: ${response.status} ${await response.text()}`);
    return (await response.json()) as Answer;
  }
}

export const codeOf = async (response: Response): Promise<string> =>
  ((await response.json()) as { error: { code: string } }).error.code;
