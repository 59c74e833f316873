import { networkInterfaces } from "node:os";

/** Addresses other devices of the network reach this machine at, IPv4. @returns {string[]} */
export const networkAddresses = () =>
  Object.values(networkInterfaces())
    .flatMap((own) => own ?? [])
    .filter(({ family, internal }) => family === "IPv4" && !internal)
    .map(({ address }) => address);
