import net from "node:net";
import { setTimeout as pause } from "node:timers/promises";

/** Something between two who talk to each other, that can be cut, or made slow. */
export type Proxy = {
  readonly port: number;
  /** Cuts what is open and lets nobody through. */
  cut(): void;
  mend(): void;
  close(): void;
};

type Slowness = { readonly latencyMs: number; readonly bytesPerS: number };
const MS_PER_S = 1000;

/** What comes in goes out again, late and little by little, and no more is read meanwhile. */
async function slowly(from: net.Socket, to: net.Socket, { latencyMs, bytesPerS }: Slowness): Promise<void> {
  const slice = Math.max(1, Math.round((bytesPerS * latencyMs) / MS_PER_S));
  for await (const part of from as AsyncIterable<Buffer>)
    for (let at = 0; at < part.length; at += slice) {
      await pause(latencyMs);
      if (!to.write(part.subarray(at, at + slice))) await new Promise((resolve) => to.once("drain", resolve));
    }
  to.end();
}

export async function startProxy(toPort: number, slowness: Slowness | null = null): Promise<Proxy> {
  const open = new Set<net.Socket>();
  let isCut = false;
  const server = net.createServer((client) => {
    if (isCut) return void client.destroy();
    const onwards = net.connect(toPort, "127.0.0.1");
    for (const [own, other] of [
      [client, onwards],
      [onwards, client],
    ] as const) {
      open.add(own);
      own.on("error", () => other.destroy()).on("close", () => open.delete(own) && other.destroy());
      if (slowness) void slowly(own, other, slowness).catch(() => own.destroy());
      else own.pipe(other);
    }
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  return {
    port: (server.address() as net.AddressInfo).port,
    cut: () => {
      isCut = true;
      for (const socket of open) socket.destroy();
    },
    mend: () => {
      isCut = false;
    },
    close: () => {
      for (const socket of open) socket.destroy();
      server.close();
    },
  };
}
