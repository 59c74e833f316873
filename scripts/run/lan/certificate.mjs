import { X509Certificate } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { generate } from "selfsigned";

/** @typedef {{ key: string, cert: string, fingerprint: string }} Certificate */

const A_YEAR_MS = 365 * 24 * 3600 * 1000;
/** Only whoever runs Umiak reads its key. */
const OWN = 0o600;

/** @param {string} cert @param {readonly string[]} addresses */
function isGoodFor(cert, addresses) {
  const known = new X509Certificate(cert);
  return Date.parse(known.validTo) > Date.now() && addresses.every((address) => known.checkIP(address) !== undefined);
}

/**
 * The certificate other devices are answered with, made on the spot and kept: a device that trusts it need not be asked
 * again. A new one is made when it has run out or the machine has another address.
 * @param {string} folder @param {readonly string[]} addresses @returns {Promise<Certificate>}
 */
export async function ownCertificate(folder, addresses) {
  const files = { key: path.join(folder, "key.pem"), cert: path.join(folder, "cert.pem") };
  const isKept =
    existsSync(files.key) && existsSync(files.cert) && isGoodFor(readFileSync(files.cert, "utf8"), addresses);
  if (!isKept) {
    const made = await generate([{ name: "commonName", value: "Umiak on this network" }], {
      keyType: "ec",
      algorithm: "sha256",
      notAfterDate: new Date(Date.now() + A_YEAR_MS),
      extensions: [
        { name: "basicConstraints", cA: false },
        { name: "extKeyUsage", serverAuth: true },
        { name: "subjectAltName", altNames: addresses.map((ip) => ({ type: /** @type {const} */ (7), ip })) },
      ],
    });
    mkdirSync(folder, { recursive: true });
    writeFileSync(files.key, made.private, { mode: OWN });
    writeFileSync(files.cert, made.cert, { mode: OWN });
  }
  const cert = readFileSync(files.cert, "utf8");
  return { key: readFileSync(files.key, "utf8"), cert, fingerprint: new X509Certificate(cert).fingerprint256 };
}
