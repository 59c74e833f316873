import { explain } from "./say.mjs";

const USAGE = `usage:
  ./umiak start         set up what is missing and run the application at http://127.0.0.1:4477/
  ./umiak start --lan   the same, and for paired devices of this network too
  ./umiak work          one more worker for long computations, for the database of DATABASE_URL
  ./umiak invite [USES] a code that makes an account, where accounts are made by invitation
  ./umiak test          set up what is missing and run every check and test

environment: PORT, DATABASE_URL (an existing PostgreSQL instead of the private one), UMIAK_DATA_DIR,
UMIAK_LAN_PORT (of --lan); of a server for many people: docs/shared.md`;

const commands = {
  start: async () => (await import("./start.mjs")).start({ isLan: process.argv[3] === "--lan" }),
  work: async () => (await import("./work.mjs")).work(),
  invite: async () => (await import("./invite.mjs")).invite(process.argv[3]),
  test: async () => (await import("./test.mjs")).test(),
};

const command = commands[/** @type {keyof typeof commands} */ (process.argv[2])];
const isKnown =
  process.argv[3] === undefined ||
  process.argv[2] === "invite" ||
  (process.argv[2] === "start" && process.argv[3] === "--lan");
if (!command || !isKnown || process.argv.length > 4) {
  console.error(USAGE);
  process.exit(2);
}
try {
  process.exitCode = await command();
} catch (error) {
  console.error(`umiak: ${explain(error)}`);
  process.exitCode = 1;
}
