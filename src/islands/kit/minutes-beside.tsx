import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import type { SatMinutes } from "@/core/bench";
import { limitWords } from "@/formats/display/words/limit-words";
import { durationText } from "@/formats/display/time";
import type { KitPiece } from "@/formats/wire/kit/kit-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf } from "@/formats/wire/outing/view-to-outing";
import { $benchProblem, $setting } from "@/stores/bench/bench";
import { beginPieceBench, tried } from "@/stores/bench/piece-bench";
import { BenchFields } from "../bench/bench-fields";
import { useInitially } from "../page/use-initially";

type Props = { readonly pieces: readonly KitPiece[]; readonly sheet: OutingView };

/** What is simulated past the hours asked. */
const text = ({ minutes, endedBy }: SatMinutes): string =>
  minutes === null
    ? m.longerThanIsLookedAt
    : m.minutesThenLimit({
        minutes: durationText(minutes),
        limit: endedBy ? limitWords(endedBy.limit, endedBy.place) : "",
      });

/** Minutes still with each piece, alone and in the outfit of an outing. */
export function MinutesBeside({ pieces, sheet }: Props) {
  useInitially(() => beginPieceBench(sheet, kitOf({ kit: pieces })));
  useEffect(() => tried.start(), []);
  const setting = useStore($setting);
  const answers = useStore(tried.$answers);
  const problem = useStore($benchProblem);
  if (!setting) return null;
  return (
    <section aria-label={m.minutesStill} className="border-line my-3 flex flex-col gap-3 border-t pt-3">
      <p className="text-muted text-sm">
        {m.minutesStillStraightFromIndoorsThe} {sheet.person.name} {m.wearsFor}
        {sheet.name}”.
      </p>
      <BenchFields setting={setting} onChange={tried.setSetting} />
      {problem !== null && (
        <p role="alert" className="text-cranberry">
          {problem}
        </p>
      )}
      <table className="w-full text-sm">
        <thead>
          <tr>
            <td />
            <th scope="col" className="px-2 py-1 text-left">
              {m.inTheOutfit}
            </th>
            <th scope="col" className="px-2 py-1 text-left">
              {m.untilWhatItKeepsWarmIs}
            </th>
            <th scope="col" className="px-2 py-1 text-left">
              {m.alone}
            </th>
          </tr>
        </thead>
        <tbody>
          {pieces.map(({ id, name }, index) => {
            const answer = answers[index];
            return (
              <tr key={id} className="border-line border-t">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {name}
                </th>
                <td className="px-2 py-1" data-testid="in-outfit">
                  {answer ? text(answer.inOutfit) : "…"}
                </td>
                <td className="px-2 py-1" data-testid="of-its-part">
                  {answer ? text(answer.ofItsPart) : "…"}
                </td>
                <td className="px-2 py-1">{answer ? text(answer.alone) : "…"}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
