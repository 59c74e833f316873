/** Worst deviation of one quantity in a file, against what is allowed. */
export type Finding = {
  readonly quantity: string;
  readonly worst: number;
  readonly tolerance: number;
  readonly unit: string;
  /** Where the worst stands. */
  readonly where: string;
  readonly passed: boolean;
};

export type FileReport = {
  readonly cases: number;
  readonly findings: readonly Finding[];
  /** What has to be said beside the figures. */
  readonly notes: readonly string[];
};

/** How a deviation is measured: as it is, or as a share of the expected value (with a floor for values near zero). */
export type Tolerance =
  | { readonly kind: "absolute"; readonly allowed: number; readonly unit: string }
  | { readonly kind: "relative"; readonly allowed: number; readonly floor: number };

/** Collects deviations and keeps the worst of each quantity. */
export class Tally {
  private readonly worst = new Map<string, { deviation: number; where: string; tolerance: Tolerance }>();

  /** Compares one value, or array with array. A missing or non-finite value deviates without bound. */
  compare(quantity: string, where: string, found: unknown, expected: unknown, tolerance: Tolerance): void {
    if (Array.isArray(expected)) {
      const values = found as ArrayLike<unknown>;
      expected.forEach((value, index) =>
        this.compare(quantity, `${where} [${index}]`, values[index], value, tolerance),
      );
      return;
    }
    const difference = Math.abs(Number(found) - Number(expected));
    const scale = tolerance.kind === "relative" ? Math.max(Math.abs(Number(expected)), tolerance.floor) : 1;
    const comparable = typeof found === "number" && typeof expected === "number" && Number.isFinite(difference);
    this.note(quantity, where, comparable ? difference / scale : Infinity, tolerance);
  }

  note(quantity: string, where: string, deviation: number, tolerance: Tolerance): void {
    const known = this.worst.get(quantity);
    if (!known || deviation > known.deviation) this.worst.set(quantity, { deviation, where, tolerance });
  }

  report(cases: number, notes: readonly string[] = []): FileReport {
    const findings = [...this.worst].map(([quantity, { deviation, where, tolerance }]) => ({
      quantity,
      worst: deviation,
      tolerance: tolerance.allowed,
      unit: tolerance.kind === "absolute" ? tolerance.unit : "of the value",
      where,
      passed: deviation <= tolerance.allowed,
    }));
    return { cases, findings, notes };
  }
}
