import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";

/** Fonts and pictures are compressed in themselves. */
const COMPRESSED_KINDS = /\.(js|css|svg|json|map)$/;
/** Smaller than a packet: nothing is gained. */
const LEAST_BYTES = 1024;

/**
 * Writes every built file of a folder compressed beside it, as tightly as it goes: it is done once and sent often.
 * @param {string} folder
 */
export function compressBuilt(folder) {
  for (const name of readdirSync(folder)) {
    const file = path.join(folder, name);
    if (!COMPRESSED_KINDS.test(name)) continue;
    const bytes = readFileSync(file);
    if (bytes.length < LEAST_BYTES) continue;
    writeFileSync(
      `${file}.br`,
      brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length } }),
    );
    writeFileSync(`${file}.gz`, gzipSync(bytes, { level: constants.Z_BEST_COMPRESSION }));
  }
}
