import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { PRACTICES, type PracticeQuestion } from "@/core/changes";
import type { DresserPiece, OtherWay } from "@/core/dresser";
import { PRACTICE_QUESTION_WORDS, PRACTICE_WORDS } from "@/formats/display/words/change-words";
import { otherWayWords } from "@/formats/display/words/dresser-words";
import { $otherWays } from "@/stores/dresser/dresser";

const QUESTIONS = Object.keys(PRACTICES) as PracticeQuestion[];

/** Where practitioners disagree: what each other way would make of this outfit. */
export function OtherWays({ kit }: { readonly kit: readonly DresserPiece[] }) {
  const ways = useStore($otherWays);
  if (ways === null) return <p role="status">{m.computingOtherWays}</p>;
  if (ways.length === 0) return null;
  const nameOf = (id: string): string => kit.find((piece) => piece.id === id)?.name ?? "";
  return (
    <details open data-testid="other-ways">
      <summary className="cursor-pointer font-semibold">{m.otherWaysTitle}</summary>
      <dl className="grid grid-cols-[minmax(0,1fr)] gap-x-4 pt-1 text-sm sm:grid-cols-[12rem_minmax(0,1fr)]">
        {QUESTIONS.map((question) => (
          <Question key={question} ways={ways.filter((way) => way.question === question)} nameOf={nameOf} />
        ))}
      </dl>
    </details>
  );
}

type QuestionProps = { readonly ways: readonly OtherWay[]; readonly nameOf: (id: string) => string };

function Question({ ways, nameOf }: QuestionProps) {
  const [first] = ways;
  if (!first) return null;
  return (
    <>
      <dt className="pt-1">{PRACTICE_QUESTION_WORDS[first.question]}</dt>
      <dd className="border-line border-b py-1">
        {first.own && <p>{m.thisOutfitDoes({ way: PRACTICE_WORDS[first.own] })}</p>}
        <ul>
          {ways.map((way) => (
            <li key={way.way} className="text-muted">
              {otherWayWords(way, nameOf)}
            </li>
          ))}
        </ul>
      </dd>
    </>
  );
}
