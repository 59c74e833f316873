import { existsSync, readFileSync, statfsSync } from "node:fs";
import net from "node:net";
import path from "node:path";
import { ROOT } from "./paths.mjs";
import { PlainError } from "./say.mjs";

const BYTES_NEEDED = 500e6; // packages, build and a young database

/** @param {string} version @param {string} needed */
function isOlder(version, needed) {
  const [one, other] = [version, needed].map((text) => text.split(".").map(Number));
  for (let place = 0; place < 3; place++) {
    const difference = (one?.[place] ?? 0) - (other?.[place] ?? 0);
    if (difference !== 0) return difference < 0;
  }
  return false;
}

export function checkNode() {
  const { engines } = JSON.parse(readFileSync(path.join(ROOT, "package.json"), "utf8"));
  const needed = engines.node.replace(/[^\d.]/g, "");
  const version = process.env.UMIAK_PRETEND_NODE ?? process.versions.node;
  if (isOlder(version, needed)) throw new PlainError(`Node ${version} is too old: install Node ${needed} or newer.`);
}

/** @param {string} folder */
export function checkDisk(folder) {
  const existing = existsSync(folder) ? folder : path.dirname(folder);
  const { bavail, bsize } = statfsSync(existing);
  if (bavail * bsize < BYTES_NEEDED)
    throw new PlainError(
      `the disk of ${existing} is nearly full: free at least ${BYTES_NEEDED / 1e6} MB, then run this again.`,
    );
}

/** The port asked for. */
export function wantedPort() {
  const text = process.env.PORT ?? "4477";
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new PlainError(`PORT is "${text}": give a number from 1 to 65535.`);
  return port;
}

/** A web process whose launcher was killed ends by itself, but not at once (assumption). */
const LEFT_WITHIN_MS = 5_000;
const LOOK_EVERY_MS = 200;

/** Waits for whoever is just leaving a port. @param {number} port */
export async function checkPortFree(port) {
  const end = Date.now() + LEFT_WITHIN_MS;
  for (;;) {
    const code = await whyNotFree(port);
    if (code === null) return;
    if (code !== "EADDRINUSE")
      throw new PlainError(`port ${port} cannot be used (${code}): choose another with PORT=4477 ./umiak start`);
    if (Date.now() > end)
      throw new PlainError(
        `port ${port} is taken: stop what uses it, or choose another with PORT=${port + 1} ./umiak start`,
      );
    await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY_MS));
  }
}

/** @param {number} port @returns {Promise<string | null>} */
function whyNotFree(port) {
  return new Promise((resolve) => {
    const probe = net.createServer();
    probe.once("error", (/** @type {NodeJS.ErrnoException} */ error) => resolve(error.code ?? error.message));
    probe.listen(port, "127.0.0.1", () => probe.close(() => resolve(null)));
  });
}

/** @returns {Promise<number>} a port nobody listens on */
export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = net.createServer();
    probe.once("error", reject);
    probe.listen(0, "127.0.0.1", () => {
      const { port } = /** @type {net.AddressInfo} */ (probe.address());
      probe.close(() => resolve(port));
    });
  });
}

/** Where the web server listens: at home on loopback alone; other addresses are for a server on which people sign in. */
export function wantedAddress() {
  const wanted = process.env.UMIAK_LISTEN || LOOPBACK;
  if (wanted !== LOOPBACK && process.env.UMIAK_SIGN_IN !== "1")
    throw new PlainError(
      `without sign-in Umiak listens on ${LOOPBACK} alone, as whoever reaches it is its owner: leave UMIAK_LISTEN away, use --lan for paired devices of this network, or set UMIAK_SIGN_IN=1.`,
    );
  return wanted;
}
const LOOPBACK = "127.0.0.1";
