import { totalMinutes } from "@/core/outing";
import { MS_PER_HOUR } from "@/core/units";
import { seededRandom, type RandomStream } from "@/core/numeric";

// Outing files that keep every rule of the format and make little sense: anything within its limits, drawn from a seed out
// of the format's own schema. What the core makes of them is the proof.

type Schema = {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly items?: Schema;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
};

const OPTIONAL_SHARE = 0.4;
const EXTREME_SHARE = 0.3;
const MORE_ITEMS = 4;
/** Rather low than anywhere: a number drawn evenly is most often absurd, and one absurdity hides the others. */
const LOW_POWER = 2;

const oneOf = <Item>(random: RandomStream, items: readonly Item[]): Item => items[Math.floor(random() * items.length)]!;

function numberOf(random: RandomStream, { minimum = 0, maximum = 10, type }: Schema): number {
  const extreme = random();
  if (extreme < EXTREME_SHARE / 2) return minimum;
  if (extreme < EXTREME_SHARE) return maximum;
  const value = minimum + (maximum - minimum) * random() ** (random() < 0.5 ? LOW_POWER : 1);
  return type === "integer" ? Math.round(value) : value;
}

function valueOf(random: RandomStream, schema: Schema): unknown {
  const choices = schema.anyOf ?? schema.oneOf;
  if (choices) return valueOf(random, oneOf(random, choices));
  if (schema.const !== undefined) return schema.const;
  if (schema.enum) return oneOf(random, schema.enum);
  if (schema.type === "number" || schema.type === "integer") return numberOf(random, schema);
  if (schema.type === "boolean") return random() < 0.5;
  if (schema.type === "string") return "odd";
  if (schema.type === "array") {
    const { minItems = 0, maxItems = MORE_ITEMS, items = {} } = schema;
    const count = Math.min(maxItems, minItems + Math.floor(random() * MORE_ITEMS));
    return Array.from({ length: count }, () => valueOf(random, items));
  }
  if (schema.type === "object") {
    const required = new Set(schema.required);
    const kept = Object.entries(schema.properties ?? {}).filter(
      ([name]) => required.has(name) || random() < OPTIONAL_SHARE,
    );
    return Object.fromEntries(kept.map(([name, own]) => [name, valueOf(random, own)]));
  }
  return null;
}

type Drawn = {
  weather?: Record<string, unknown>[];
  lowHigh?: Record<string, number>;
  phases: { kind: string; minutes: number }[];
  pieces: { id: string }[];
  wearings: { pieceId: string; fromMinute: number; toMinute: number }[];
} & Record<string, unknown>;

const START_MS = Date.UTC(2026, 0, 9, 5);
const LONGEST_PHASE_MINUTES = 240;
const PIECES = 8;

/**
 * A file by its number; not each of them passes the format's rules that no schema can say.
 * @param schema the format's JSON schema
 */
export function oddFile(schema: unknown, seed: number): unknown {
  const random = seededRandom(seed);
  const drawn = valueOf(random, schema as Schema) as Drawn;
  const piece = (schema as Schema).properties?.pieces?.items ?? {};
  const wearing = (schema as Schema).properties?.wearings?.items ?? {};
  const pieces = Array.from({ length: 1 + Math.floor(random() * PIECES) }, (_, index) => ({
    ...(valueOf(random, piece) as { id: string }),
    id: `piece ${index}`,
  }));
  const phases = drawn.phases.map((phase) => ({ ...phase, minutes: Math.min(phase.minutes, LONGEST_PHASE_MINUTES) }));
  if (!phases.some(({ kind }) => kind === "sit")) phases[phases.length - 1]!.kind = "sit";
  const total = totalMinutes(phases);
  const minute = (): number => Math.floor(random() * (total + 1));
  const wearings = pieces.flatMap(({ id }) => {
    const [one, other] = [random() < 0.5 ? 0 : minute(), random() < 0.5 ? total : minute()];
    const [fromMinute, toMinute] = [Math.min(one, other), Math.max(one, other)];
    if (fromMinute === toMinute) return [];
    return [{ ...(valueOf(random, wearing) as object), pieceId: id, fromMinute, toMinute }];
  });
  const { lowHigh } = drawn;
  return {
    ...drawn,
    startsAt: new Date(START_MS).toISOString(),
    timeZone: "UTC",
    phases,
    pieces,
    wearings,
    weather: lowHigh
      ? undefined
      : (drawn.weather ?? [valueOf(random, (schema as Schema).properties?.weather?.items ?? {}) as object]).map(
          (hour, index) => ({ ...hour, at: new Date(START_MS + index * MS_PER_HOUR).toISOString() }),
        ),
    lowHigh: lowHigh && {
      ...lowHigh,
      lowC: Math.min(lowHigh.lowC!, lowHigh.highC!),
      highC: Math.max(lowHigh.lowC!, lowHigh.highC!),
    },
  };
}
