import { parseArgs } from "node:util";
import { CoreError } from "@/core/errors";
import {
  aloneEvaluator,
  dress,
  DresserProblem,
  plannedSitMinutes,
  USUAL_WISHES,
  WISH_RANGE,
  type Wishes,
} from "@/core/dresser";
import { dresserKitOf } from "@/formats/outing-file/dresser-kit";
import { describeDressing } from "@/formats/outing-file/describe-dressing";
import { toOuting } from "@/formats/outing-file/to-outing";
import { fail, readOutingFile } from "../outing/command";

const USAGE = [
  "usage: npm run -s dress -- FILE [--hours H | --long] [--carry-kg KG] [--pack-l L] [--sure S] [--noise N] [--wait] [--seed N] [--front] [--json]",
  "  FILE an outing file with a kit of the pieces that may be worn (- for standard input)",
  "  --hours   wanted; as the sit is planned when not given      --long      as long as possible",
  "  --carry-kg  all that is worn and packed, at most",
  "  --sure    share of cases: 0.8 by the lower end of the range that holds eight of ten, 0 by its middle",
  "  --pack-l  room in the pack      --noise  loudest step borne, 0 to 4      --wait  big layers wait for the seat",
  "  --front   every outfit that none lighter outlasts, not only those that differ truly      --json  on one line",
];
const MINUTES_PER_HOUR = 60;
const G_PER_KG = 1000;

const OPTIONS = {
  hours: { type: "string" },
  long: { type: "boolean" },
  "carry-kg": { type: "string" },
  "pack-l": { type: "string" },
  sure: { type: "string" },
  noise: { type: "string" },
  wait: { type: "boolean" },
  seed: { type: "string" },
  front: { type: "boolean" },
  json: { type: "boolean" },
} as const;

function parsed() {
  try {
    return parseArgs({ options: OPTIONS, allowPositionals: true });
  } catch (error) {
    return fail([(error as Error).message, ...USAGE]);
  }
}

const { values, positionals } = parsed();
if (positionals.length !== 1) fail(USAGE);

/** A number as it was given, in the unit of a wish; `null` where it was not. */
function wished(
  name: keyof typeof OPTIONS & keyof typeof values,
  limit: keyof typeof WISH_RANGE,
  factor = 1,
): number | null {
  const given = values[name];
  if (typeof given !== "string") return null;
  const value = Number(given) * factor;
  const [least, most] = WISH_RANGE[limit];
  if (given.trim() === "" || !(value >= least && value <= most))
    fail([`--${name} ${given}: give a number from ${least / factor} to ${most / factor}.`]);
  return value;
}

const seed = values.seed === undefined ? 1 : Number(values.seed);
if (!Number.isSafeInteger(seed)) fail([`--seed ${values.seed}: give a whole number.`]);
const file = readOutingFile(positionals[0]!);
const outing = toOuting(file);
const wishes: Wishes = {
  ...USUAL_WISHES,
  wantedMinutes: values.long ? null : (wished("hours", "wantedMinutes", MINUTES_PER_HOUR) ?? plannedSitMinutes(outing)),
  sureShare: wished("sure", "sureShare") ?? USUAL_WISHES.sureShare,
  mostCarriedG: wished("carry-kg", "mostCarriedG", G_PER_KG),
  mostPackedL: wished("pack-l", "mostPackedL"),
  mostNoise: wished("noise", "mostNoise"),
  bigLayersWait: values.wait === true,
};
if (!file.kit || file.kit.length === 0)
  fail(["kit: lists no pieces. Give those that may be worn, as docs/formats/dress-example.json does."]);
try {
  const problem = new DresserProblem(outing, dresserKitOf(file.kit), wishes);
  const answer = await dress(problem, aloneEvaluator(problem), { seed, isWholeFrontWanted: values.front === true });
  const described = describeDressing(problem, answer, file, values.front === true);
  console.log(JSON.stringify(described, null, values.json ? 0 : 2));
} catch (error) {
  if (error instanceof CoreError) fail([`(whole file): ${error.message}`]);
  throw error;
}
