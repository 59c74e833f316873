import { useStore } from "@nanostores/react";
import { memo, useMemo } from "react";
import { schoolsOf, type School } from "@/core/changes";
import { changeWords, SCHOOL_WAY_WORDS, SCHOOL_WORDS } from "@/formats/display/change-words";
import type { OutingView } from "@/formats/wire/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/view-to-outing";
import { $worths } from "@/stores/beside";
import { drawnFrom } from "./drawn-from";
import { WorthRow } from "./worth-row";

type Props = { readonly view: OutingView };

function Question({ view, school }: { readonly view: OutingView; readonly school: School }) {
  const worths = useStore($worths);
  const { question, own, others } = school;
  const nameOf = (id: string): string => view.kit.find((piece) => piece.id === id)?.name ?? "a piece";
  return (
    <section aria-label={SCHOOL_WORDS[question]}>
      <h3 className="mt-2 text-sm font-semibold">{SCHOOL_WORDS[question]}</h3>
      <p className="text-muted text-sm">{own ? `You plan: ${SCHOOL_WAY_WORDS[own]}.` : "You plan another way."}</p>
      <ol>
        {others.map(({ id }) => {
          const worth = worths?.find(({ change }) => change.id === id);
          if (!worth) return null;
          const { pieceIds } = worth.change;
          const piece = pieceIds.length === 1 ? ` (${nameOf(pieceIds[0]!)})` : "";
          return <WorthRow key={id} worth={worth} words={`${changeWords(worth.change, nameOf)}${piece}`} />;
        })}
      </ol>
    </section>
  );
}

function AllSchools({ view }: Props) {
  const { phases, wearings, kit } = view;
  const schools = useMemo(
    () => schoolsOf(viewToOuting(view), kitOf(view)).filter(({ others }) => others.length > 0),
    // What the questions follow from; weather and place do not change them.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [phases, wearings, kit],
  );
  if (schools.length === 0) return null;
  return (
    <details className="border-line border-t pt-3">
      <summary className="cursor-pointer text-lg font-semibold">How others would do it</summary>
      <p className="text-muted text-sm">
        Practitioners disagree here. No way is right everywhere: this is what each costs or gains on this day, in this
        plan. Sweat on the way in is not counted yet.
      </p>
      {schools.map((school) => (
        <Question key={school.question} view={view} school={school} />
      ))}
    </details>
  );
}

/** Where practitioners disagree, what each way is worth in this plan. */
export const Schools = memo(AllSchools, drawnFrom<Props>("phases", "wearings", "kit"));
