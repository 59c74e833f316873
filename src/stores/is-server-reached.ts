/** Whether the server answers at all: what it refused it would refuse again. */
export const isServerReached = (): Promise<boolean> =>
  fetch("/api/health").then(
    ({ ok }) => ok,
    () => false,
  );
