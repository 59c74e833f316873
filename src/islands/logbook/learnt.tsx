import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import { LEAST_TIMES, type CheckedTime, type ExpectedNarrowing } from "@/core/calibration";
import { standardDeviationOf, TRAITS, traitsOf } from "@/core/outing";
import { TRAIT_SPREAD } from "@/core/range";
import { plainNumber } from "@/formats/display/numbers";
import { durationText } from "@/formats/display/time";
import {
  TRAIT_WORDS,
  WAY_WORDS,
  factorOfEightInTen,
  learntRangeWords,
  learntShareWords,
  percentOf,
} from "@/formats/display/words/logbook-words";
import { $learnt, computeLearnt, type LearntState } from "@/stores/logbook/learnt";

type Props = { readonly personId: string; readonly personName: string };

/** What somebody's notes teach: in minutes first, then what it could be, then of the outings to come. */
export function Learnt({ personId, personName }: Props) {
  const state = useStore($learnt);
  useEffect(() => void computeLearnt(personId, Date.now()), [personId]);
  return (
    <section aria-labelledby="learnt" aria-busy={state.kind === "computing"} className="flex flex-col gap-2">
      <h2 id="learnt" className="text-lg font-semibold">
        {m.learntTitle({ name: personName })}
      </h2>
      {state.kind === "computing" && (
        <p role="status" className="text-muted text-sm">
          {m.learntComputing}
        </p>
      )}
      {state.kind === "failed" && (
        <p role="alert" className="text-cranberry">
          {m.learntFailed({ message: state.message })}
        </p>
      )}
      {state.kind === "found" && <Found state={state} />}
    </section>
  );
}

function Found({
  state: { learnt, shares, next, odd, times, narrowing },
}: {
  readonly state: Extract<LearntState, { kind: "found" }>;
}) {
  return (
    <>
      <p className="max-w-prose text-sm">{m.learntSays({ notes: learnt.notes })}</p>
      <ul data-testid="learnt-shares">
        {shares.map((share) => (
          <li key={share.part}>{learntShareWords(share)}</li>
        ))}
      </ul>
      <p className="text-muted max-w-prose text-sm">{m.learntWhyUnknown}</p>
      {narrowing && <WouldTeach narrowing={narrowing} />}
      <Cover times={times} modelSpread={learnt.modelSpread ?? null} />
      {odd.map(({ sit, name, toldMinutes, expectedMinutes }) => (
        <p key={sit} className="border-accent max-w-prose border-l-4 px-3 text-sm">
          {m.learntOdd({ name, told: durationText(toldMinutes), expected: durationText(expectedMinutes) })}
        </p>
      ))}
      {next.length > 0 && (
        <>
          <h3 className="font-semibold">{m.learntNext}</h3>
          <ul data-testid="learnt-next">
            {next.map(({ id, name, before, range }) => (
              <li key={id}>
                <a className="underline" href={`/outings/${id}`}>
                  {name}
                </a>
                : {m.learntBeforeAfter({ before: learntRangeWords(before), after: learntRangeWords(range) })}
              </li>
            ))}
          </ul>
          <p className="text-muted max-w-prose text-sm">{m.learntNextSays}</p>
        </>
      )}
      <details>
        <summary className="link w-fit">{m.learntDetails}</summary>
        <table className="text-sm tabular-nums">
          <thead>
            <tr className="text-muted text-left">
              {[m.learntWhat, m.learntPeople, m.learntYou].map((head) => (
                <th key={head} scope="col" className="px-2 py-1 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {TRAITS.map((trait, place) => (
              <tr key={trait} className="border-line border-t">
                <th scope="row" className="px-2 py-1 text-left font-normal">
                  {TRAIT_WORDS[trait]}
                </th>
                <td className="px-2">0 ± {plainNumber(TRAIT_SPREAD[trait], 2)}</td>
                <td className="px-2">
                  {plainNumber(traitsOf(learnt)[trait], 2)} ± {plainNumber(standardDeviationOf(learnt, place), 2)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </>
  );
}

/** What leaves more than this of how wide it is now teaches hardly anything. */
const NEARLY_AS_WIDE = 0.95;

/** What would teach most of the next sit, by how narrow it would leave the minutes. */
function WouldTeach({ narrowing: { now, after } }: { readonly narrowing: ExpectedNarrowing }) {
  return (
    <>
      <h3 className="font-semibold">{m.learntWouldTeach}</h3>
      <p className="max-w-prose text-sm">{m.learntKnownNow({ factor: factorOfEightInTen(now) })}</p>
      {after[0]!.spread > NEARLY_AS_WIDE * now ? (
        <p className="max-w-prose text-sm">{m.learntNothingMore}</p>
      ) : (
        <ul data-testid="would-teach">
          {after.map(({ way, spread }) => (
            <li key={way}>{m.learntKnownAfter({ way: WAY_WORDS[way], factor: factorOfEightInTen(spread) })}</li>
          ))}
        </ul>
      )}
    </>
  );
}

/** How often told times lay where the other notes say they would. */
function Cover({
  times,
  modelSpread,
}: {
  readonly times: readonly CheckedTime[];
  readonly modelSpread: number | null;
}) {
  const held = times.filter(({ holds }) => holds).length;
  if (times.length < LEAST_TIMES)
    return (
      <p className="text-muted max-w-prose text-sm">
        {m.learntTooFewToCheck({ times: times.length, least: LEAST_TIMES })}
      </p>
    );
  return (
    <p className="max-w-prose text-sm" data-testid="learnt-cover">
      {m.learntCover({ held, times: times.length })}{" "}
      {modelSpread !== null && m.learntModelRaised({ percent: percentOf(modelSpread) })}
    </p>
  );
}
