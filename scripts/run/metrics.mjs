import http from "node:http";
import { collectDefaultMetrics, Counter, Histogram, register } from "prom-client";

/** @typedef {import("./answering.mjs").Handler} Handler */

const ID = /[0-9a-f]{8}-[0-9a-f-]{27}/g;
const SECRET = /^\/left\/.+/;
const BUILT = /^\/_astro\/.*/;
const SECONDS = [0.005, 0.02, 0.05, 0.1, 0.3, 1, 3, 10];
const NS_PER_S = 1e9;
/** Paths that are answered as not there may be anything: they are counted as one. */
const NOT_THERE = 404;

/** A path without what tells whose it is. @param {string} url */
export const routeOf = (url) =>
  (url.split("?")[0] ?? "").replace(ID, ":id").replace(SECRET, "/left/:token").replace(BUILT, "/_astro");

/**
 * Counts answers and how long they take, and tells it on a port of loopback: never where people come in.
 * @param {number} port @param {Handler} answer
 * @returns {Handler} answers, and is counted
 */
export function counted(port, answer) {
  collectDefaultMetrics();
  const answers = new Counter({
    name: "umiak_answers_total",
    help: "Answers by method, route and status",
    labelNames: ["method", "route", "status"],
  });
  const seconds = new Histogram({
    name: "umiak_answer_seconds",
    help: "Seconds until an answer was sent",
    labelNames: ["route"],
    buckets: SECONDS,
  });
  http
    .createServer((_request, response) => {
      void register
        .metrics()
        .then((text) => response.writeHead(200, { "content-type": register.contentType }).end(text));
    })
    .listen(port, "127.0.0.1");
  return (request, response) => {
    const began = process.hrtime.bigint();
    response.on("finish", () => {
      const route = response.statusCode === NOT_THERE ? "not there" : routeOf(request.url ?? "");
      answers.inc({ method: request.method ?? "", route, status: String(response.statusCode) });
      seconds.observe({ route }, Number(process.hrtime.bigint() - began) / NS_PER_S);
    });
    answer(request, response);
  };
}
