/** How many answers there were of each status: "200 × 12, 400 × 30". */
export function statusCounts(statuses: readonly number[]): string {
  const counts = new Map<number, number>();
  for (const status of statuses) counts.set(status, (counts.get(status) ?? 0) + 1);
  return [...counts]
    .sort(([one], [other]) => one - other)
    .map(([status, times]) => `${status} × ${times}`)
    .join(", ");
}
