/**
 * Asks a child process to end, and ends it when it does not.
 * @param {import("node:child_process").ChildProcess} child
 * @param {Promise<unknown>} exited resolves when it has ended
 * @param {number} withinMs
 */
export async function stopChild(child, exited, withinMs) {
  if (child.exitCode !== null || child.signalCode !== null) return;
  child.kill("SIGTERM");
  const timer = setTimeout(() => child.kill("SIGKILL"), withinMs);
  await exited;
  clearTimeout(timer);
}
