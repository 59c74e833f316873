import { useStore } from "@nanostores/react";
import { useState } from "react";
import { againstPlanWords, verdictWords } from "@/formats/display/words/sheet-words";
import { $range } from "@/stores/answer/derived-results";
import { $line } from "@/stores/answer/headline";

/** The answer for who listens: once, when its range stands; estimates on the way to it are not spoken. */
export function SpokenAnswer() {
  const line = useStore($line);
  const isSettled = useStore($range) !== null;
  const words = isSettled && line ? `${verdictWords(line)}; ${againstPlanWords(line)}` : null;
  const [spoken, setSpoken] = useState("");
  if (words !== null && words !== spoken) setSpoken(words);
  return (
    <p role="status" className="sr-only" data-testid="spoken-answer">
      {spoken}
    </p>
  );
}
