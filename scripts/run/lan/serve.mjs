import https from "node:https";
import { ownCertificate } from "./certificate.mjs";
import { pairing } from "./pairing.mjs";

/**
 * Answers paired devices of the network, over TLS.
 * @param {import("./prepare.mjs").Lan} lan @param {import("../answering.mjs").Handler} answer
 * @returns {Promise<https.Server>}
 */
export async function serveLan({ port, folder, code, addresses }, answer) {
  const { key, cert } = await ownCertificate(folder, addresses);
  const isPaired = pairing({ folder, code });
  const server = https.createServer({ key, cert, minVersion: "TLSv1.2" }, (request, response) =>
    isPaired(request, response, () => answer(request, response)),
  );
  await new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, "0.0.0.0", () => resolve(undefined));
  });
  return server;
}
