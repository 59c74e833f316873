import * as m from "@/messages";
import { FELT_PARTS, VOTES, type FeltPart, type Vote } from "@/core/logbook";
import { clockText } from "@/formats/display/time";
import { FELT_PART_WORDS, VOTE_WORDS } from "@/formats/display/words/logbook-words";
import type { LiveVoteView } from "@/formats/wire/live/live-view";
import { say } from "@/stores/live/live";

type Props = { readonly votes: readonly LiveVoteView[]; readonly timeZone: string };

const SIDES: readonly FeltPart[] = FELT_PARTS.filter((part) => part !== "face");

/** What is felt now, by buttons for gloves; each press is a moment. */
export function HowAreThey({ votes, timeZone }: Props) {
  return (
    <section aria-labelledby="how" className="flex flex-col gap-3">
      <div>
        <h2 id="how" className="text-lg font-semibold">
          {m.liveHowAre}
        </h2>
        <p className="text-muted text-sm">{m.liveHowSays}</p>
      </div>
      {SIDES.map((part) => (
        <Part key={part} part={part} said={votes.findLast((vote) => vote.part === part)} timeZone={timeZone} />
      ))}
    </section>
  );
}

type PartProps = { readonly part: FeltPart; readonly said: LiveVoteView | undefined; readonly timeZone: string };

function Part({ part, said, timeZone }: PartProps) {
  const press = (vote: Vote): void => say(part, vote);
  return (
    <div role="group" aria-label={FELT_PART_WORDS[part]}>
      <p className="pb-1 text-base">
        {FELT_PART_WORDS[part]}
        {said && (
          <span className="text-muted">
            {" "}
            · {m.liveSaid({ words: `${VOTE_WORDS[said.vote]} ${clockText(said.at, timeZone)}` })}
          </span>
        )}
      </p>
      <div className="flex flex-wrap gap-2">
        {VOTES.map((vote) => (
          <button
            key={vote}
            type="button"
            className={`press ${said?.vote === vote ? "border-accent border-2 font-semibold" : ""}`}
            aria-pressed={said?.vote === vote}
            onClick={() => press(vote)}
          >
            {VOTE_WORDS[vote]}
          </button>
        ))}
      </div>
    </div>
  );
}
