import { useEffect } from "react";
import type { ReadableAtom } from "nanostores";
import type { z } from "zod";
import { benchLink, readBenchLink } from "@/formats/wire/bench-link";
import type { BenchSetting } from "@/core/bench";
import { $setting } from "@/stores/bench/bench";

type Columns<Column> = {
  readonly $columns: ReadableAtom<readonly Column[]>;
  readonly start: () => void;
  readonly setColumns: (columns: readonly Column[]) => void;
  readonly setSetting: (change: Partial<BenchSetting>) => void;
};

/** Begins with what the address says is compared, and keeps the address saying what is. */
export function useBenchLink<Column>(columns: Columns<Column>, schema: z.ZodType<Column>): void {
  useEffect(() => {
    const link = readBenchLink(window.location.hash, schema);
    if (link) {
      columns.setSetting(link.setting);
      columns.setColumns(link.columns);
    } else columns.start();
    const write = (): void => {
      const setting = $setting.get();
      if (setting) window.history.replaceState(null, "", benchLink(setting, columns.$columns.get()));
    };
    const stops = [$setting.listen(write), columns.$columns.listen(write)];
    return () => stops.forEach((stop) => stop());
  }, [columns, schema]);
}
