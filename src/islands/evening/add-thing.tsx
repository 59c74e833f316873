import * as m from "@/messages";
import { useState } from "react";
import { addExtra } from "@/stores/sheet/preparation";
import { TextField } from "../fields/text-field";

/** A thing to take that the list does not know: optics, tackle, a camera. */
export function AddThing() {
  const [words, setWords] = useState("");
  const add = (): void => {
    if (words.trim() === "") return;
    addExtra(words.trim());
    setWords("");
  };
  return (
    <form
      className="no-print flex items-end gap-2 pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <TextField label={m.whatElseToTake} value={words} onChange={setWords} />
      <button type="submit" className="press" disabled={words.trim() === ""}>
        {m.add}
      </button>
    </form>
  );
}
