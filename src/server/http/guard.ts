import * as m from "@/messages";
import { AppError } from "../app-error";

const LOOPBACK_NAMES = ["127.0.0.1", "localhost", "[::1]"];
const READING = ["GET", "HEAD", "OPTIONS"];

const hostName = (host: string): string => host.replace(/:\d+$/, "").toLowerCase();

/** Names this server answers to: loopback, that of UMIAK_ADDRESS, and those of UMIAK_HOSTS (comma-separated). */
function knownHosts(): string[] {
  const configured = [hostOfAddress(), ...(process.env.UMIAK_HOSTS ?? "").split(",")].map((host) =>
    host.trim().toLowerCase(),
  );
  return [...LOOPBACK_NAMES, ...configured.filter(Boolean)];
}

const hostOfAddress = (): string => {
  const address = process.env.UMIAK_ADDRESS;
  return address && URL.canParse(address) ? new URL(address).hostname : "";
};

/**
 * Refuses requests for another host (a foreign name pointed at this machine) and writes that come from another site.
 * @throws {AppError} `foreign-host`, `foreign-origin`
 */
export function guardRequest(request: Request): void {
  const host = request.headers.get("host") ?? "";
  if (!knownHosts().includes(hostName(host))) {
    throw new AppError("foreign-host", m.thisServerDoesNotAnswerTo);
  }
  if (READING.includes(request.method)) return;
  const origin = request.headers.get("origin");
  const site = request.headers.get("sec-fetch-site");
  const sameOrigin = origin === null ? site === null || site === "same-origin" : isSameHost(origin, host);
  if (!sameOrigin) throw new AppError("foreign-origin", m.writesFromAnotherSiteAreRefused);
}

function isSameHost(origin: string, host: string): boolean {
  try {
    return new URL(origin).host === host.toLowerCase();
  } catch {
    return false;
  }
}
