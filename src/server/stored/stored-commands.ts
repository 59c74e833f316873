import { isApplicable } from "@/formats/wire/outing/change-schema";
import { commandSchema } from "@/formats/wire/outing/outing-schema";
import type { History, SheetCommand } from "@/formats/sheet-commands/sheet-command";

const asCommand = (value: unknown): SheetCommand | null => {
  const { data } = commandSchema.safeParse(value);
  return data && isApplicable(data) ? data : null;
};

/**
 * What was done to a sheet, from behind the last command that cannot be applied: what lies before it can no longer be
 * taken back, and all that is given can.
 */
export function readHistory({
  from,
  done,
  commands,
}: {
  from: number;
  done: number;
  commands: readonly unknown[];
}): History {
  const read = commands.map(asCommand);
  const odd = read.lastIndexOf(null) + 1;
  const kept = read.slice(odd) as SheetCommand[];
  return { dropped: from + odd, commands: kept, done: Math.min(kept.length, Math.max(0, done - from - odd)) };
}
