import path from "node:path";
import { fileURLToPath } from "node:url";

export const ROOT = fileURLToPath(new URL("../../", import.meta.url)).replace(/\/$/, "");

/** Everything the running application writes: database, keys, stamps. */
export const dataFolder = () => path.resolve(process.env.UMIAK_DATA_DIR ?? path.join(ROOT, ".data"));

/** @param {string} name */
export const tool = (name) => path.join(ROOT, "node_modules", ".bin", name);
