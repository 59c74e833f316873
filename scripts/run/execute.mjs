import { spawn } from "node:child_process";
import { PlainError } from "./say.mjs";

/**
 * Runs a program to its end.
 * @param {string} command
 * @param {readonly string[]} args
 * @param {import("node:child_process").SpawnOptions & { quiet?: boolean }} [options] quiet: output only kept
 * @returns {Promise<{ code: number, output: string }>}
 */
export function execute(command, args, { quiet = true, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ["ignore", "pipe", "pipe"], ...options });
    let output = "";
    const take = (/** @type {Buffer} */ chunk) => {
      output += chunk.toString();
      if (!quiet) process.stdout.write(chunk);
    };
    child.stdout?.on("data", take);
    child.stderr?.on("data", take);
    child.on("error", reject);
    child.on("close", (code) => resolve({ code: code ?? 1, output }));
  });
}

/**
 * Runs a program that has to succeed.
 * @param {string} what said when it fails
 * @param {string} command
 * @param {readonly string[]} args
 * @param {import("node:child_process").SpawnOptions & { quiet?: boolean }} [options]
 */
export async function mustExecute(what, command, args, options) {
  const { code, output } = await execute(command, args, options);
  if (code === 0) return output;
  if (/ENOSPC|No space left on device/.test(output))
    throw new PlainError(`${what}: the disk is full. Free some space, then run this again.`);
  throw new PlainError(`${what} failed (exit ${code}):\n${output.trim().split("\n").slice(-25).join("\n")}`);
}
