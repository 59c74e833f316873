import compression from "compression";
import sirv from "sirv";

/** @typedef {import("node:http").IncomingMessage} Request @typedef {import("node:http").ServerResponse} Response */
/** @typedef {(request: Request, response: Response) => void} Handler */

// What no page and no endpoint knows is refused before a request is made of it: some methods cannot even be one.
const METHODS = new Set(["GET", "HEAD", "POST", "PUT", "DELETE", "OPTIONS", "PATCH"]);
const A_YEAR_S = 365 * 24 * 3600;
const BUILT = "/_astro/";

/**
 * Answers requests: built files as they were compressed beside themselves, all else by the application, compressed as it
 * is sent.
 * @param {string[]} clientFolders what the builds wrote for browsers @param {Handler} application
 * @returns {Handler}
 */
export function answering(clientFolders, application) {
  const built = clientFolders.map((folder) =>
    sirv(folder, {
      brotli: true,
      gzip: true,
      immutable: true, // their content is in their name
      maxAge: A_YEAR_S,
      setHeaders: (response) => response.setHeader("x-content-type-options", "nosniff"),
    }),
  );
  // The package is typed for a framework; all it needs is Node's own requests.
  const compressed = /** @type {(request: Request, response: Response, next: () => void) => void} */ (
    /** @type {unknown} */ (compression())
  );
  return (request, response) => {
    if (!METHODS.has(request.method ?? "")) {
      response.writeHead(405, { allow: [...METHODS].join(", ") }).end();
      return;
    }
    const onwards = () => compressed(request, response, () => application(request, response));
    const fromBuilt = built.reduceRight((next, serve) => () => serve(request, response, next), onwards);
    if (request.url?.startsWith(BUILT)) fromBuilt();
    else onwards();
  };
}
