import { expose } from "comlink";
import { CoreError } from "@/core/errors";
import { answerChunk, type WorkChunk, type WorkInput, type WorkName } from "@/core/wardrobe";

/** An answer, or why there is none: errors lose their class on the way out of a worker. */
export type ChunkReply =
  { readonly ok: true; readonly answer: unknown } | { readonly ok: false; readonly message: string };

let name: WorkName | null = null;
let input: WorkInput<WorkName> | null = null;

const api = {
  take: (ofName: WorkName, ofInput: WorkInput<WorkName>): void => void ([name, input] = [ofName, ofInput]),
  answer: (chunk: WorkChunk<WorkName>): ChunkReply => {
    try {
      return { ok: true, answer: answerChunk(name!, input!, chunk) };
    } catch (error) {
      if (error instanceof CoreError) return { ok: false, message: error.message };
      throw error;
    }
  },
};
export type WorksWorker = typeof api;

expose(api);
