import { findHead, roleOfHead } from "../../any-table/heads";
import type { GridRow } from "../../any-table/grid";
import { headOf, saidOf } from "../../any-table/said";
import { isGiven } from "../../weather-import/figure";
import type { SitMapping } from "./mapping";
import { SIT_ROLE_WORDS, type SitRole } from "./roles";
import type { SitColumn } from "./sit-table";

/** Columns of a table of sits by what they hold. */
export class SitColumns {
  readonly body: readonly GridRow[];
  private readonly heads: readonly string[];
  private readonly roles: readonly (SitRole | null)[];

  constructor(grid: readonly GridRow[], mapping: SitMapping) {
    const found = findHead(grid, {
      roleOf: (cell) => roleOfHead(cell, SIT_ROLE_WORDS),
      isEnough: (named) => named.size > 1,
      isUnit: (cell) => /^[([]?(°?[cf]|m\/s|km\/h|mph|kn|min|h)[)\]]?$/i.test(cell),
    });
    const width = Math.max(0, ...grid.map(({ cells }) => cells.length));
    this.heads = Array.from({ length: width }, (_, index) => found.heads[index] ?? "");
    this.roles = this.heads.map((head, index): SitRole | null => {
      const said = saidOf(mapping.roles, headOf(head, index));
      if (said !== undefined) return said || null;
      return head === "" ? null : roleOfHead(head, SIT_ROLE_WORDS);
    });
    this.body = grid.slice(found.at + 1);
  }

  /** Cells of a row that hold something of a role. */
  cells({ cells }: GridRow, role: SitRole): string[] {
    return this.roles.flatMap((own, index) => (own === role && isGiven(cells[index]) ? [cells[index]] : []));
  }

  cell(row: GridRow, role: SitRole): string {
    return this.cells(row, role).join(" ").trim();
  }

  all(role: SitRole): string[] {
    return this.body.map((row) => this.cell(row, role));
  }

  /** The head of a role's first column, "" where there is none. */
  headOf(role: SitRole): string {
    return this.heads[this.roles.indexOf(role)] ?? "";
  }

  /** As they were understood; empty ones are not told. */
  told(): SitColumn[] {
    return this.heads
      .map((head, index) => ({
        head: headOf(head, index),
        role: this.roles[index] ?? null,
        example: this.body.map(({ cells }) => cells[index] ?? "").find((cell) => cell !== "") ?? "",
      }))
      .filter(({ example }) => example !== "");
  }
}
