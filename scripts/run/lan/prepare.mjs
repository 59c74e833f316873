import net from "node:net";
import path from "node:path";
import QRCode from "qrcode";
import { PlainError, say } from "../say.mjs";
import { networkAddresses } from "./addresses.mjs";
import { ownCertificate } from "./certificate.mjs";
import { newPairingCode } from "./pairing.mjs";

/** @typedef {{ port: number, folder: string, code: string, addresses: string[] }} Lan */

/** @param {number} port */
const checkFree = (port) =>
  new Promise((resolve, reject) => {
    const probe = net.createServer();
    probe.once("error", () =>
      reject(new PlainError(`port ${port} is taken: choose another for the network with UMIAK_LAN_PORT=${port + 1}`)),
    );
    probe.listen(port, "0.0.0.0", () => probe.close(() => resolve(undefined)));
  });

/**
 * What is needed to answer other devices of the network: a port, a certificate, a code.
 * @param {{ port: number, dataFolder: string }} how the port of this machine alone
 * @returns {Promise<Lan>}
 */
export async function prepareLan({ port, dataFolder }) {
  const addresses = networkAddresses();
  if (addresses.length === 0)
    throw new PlainError("this machine is in no network: join one, or start without --lan for this machine alone.");
  const lanPort = Number(process.env.UMIAK_LAN_PORT ?? port + 1);
  if (!Number.isInteger(lanPort) || lanPort < 1 || lanPort > 65535)
    throw new PlainError("UMIAK_LAN_PORT: give a number from 1 to 65535.");
  await checkFree(lanPort);
  const folder = path.join(dataFolder, "lan");
  await ownCertificate(folder, addresses);
  return { port: lanPort, folder, code: newPairingCode(), addresses };
}

/** Says how another device gets in. @param {Lan} lan */
export async function tellLan({ port, folder, code, addresses }) {
  const { fingerprint } = await ownCertificate(folder, addresses);
  const url = `https://${addresses[0]}:${port}/pair?code=${code}`;
  console.log(await QRCode.toString(url, { type: "terminal", small: true }));
  for (const address of addresses) say(`for other devices of this network: https://${address}:${port}/`);
  say(`pairing code ${code.slice(0, 4)} ${code.slice(4)}: type it there, or hold the device's camera over the square`);
  say("the device warns of a certificate it does not know: it was made here, and its SHA-256 fingerprint is");
  say(fingerprint);
  say("whoever has the code reads and changes everything; start without --lan to close the network out again");
}
