import * as m from "@/messages";
import { useState, type FormEvent } from "react";
import { v7 as uuid } from "uuid";
import { instantOf, localText } from "@/formats/local-time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { makeOuting } from "@/stores/new-outing";
import { Dialog } from "../page/dialog";
import { TextField } from "../fields/text-field";
import { TimeInput } from "../fields/time-input";
import { Problem } from "../fields/problem";

type Props = { readonly view: OutingView; readonly isOpen: boolean; readonly onClose: () => void };

/** Another outing like this one, on another day: everything goes along, hours of weather move with it. */
export function DuplicateOuting({ view, isOpen, onClose }: Props) {
  const { timeZone } = view.place;
  const [name, setName] = useState(m.again({ name: view.name }));
  const [startsAt, setStartsAt] = useState(localText(view.startsAt, timeZone));
  const [problem, setProblem] = useState<string | null>(null);
  const make = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const instant = instantOf(startsAt, timeZone);
    if (name.trim() === "" || instant === null) {
      setProblem(instant === null ? m.giveADateAndATime : m.giveTheOutingAName);
      return;
    }
    try {
      await makeOuting({ from: "outing", id: uuid(), copyOf: view.id, name: name.trim(), startsAt: instant });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <Dialog title={m.anotherOutingLikeThis} isOpen={isOpen} onClose={onClose}>
      <form className="flex flex-col gap-3" onSubmit={(event) => void make(event)} noValidate>
        <TextField label={m.name} value={name} onChange={setName} />
        <TimeInput
          label={m.startsByTheClockOf({ replaceAll: timeZone.replaceAll("_", " ") })}
          type="datetime-local"
          value={startsAt}
          onChange={setStartsAt}
        />
        <p className="text-muted text-sm">{m.theSavedStateIsCopiedPlace}</p>
        <Problem words={problem} />
        <button type="submit" className="press border-accent self-start">
          {m.makeIt}
        </button>
      </form>
    </Dialog>
  );
}
