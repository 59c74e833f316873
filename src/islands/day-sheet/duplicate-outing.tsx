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
  const [name, setName] = useState(`${view.name}, again`);
  const [startsAt, setStartsAt] = useState(localText(view.startsAt, timeZone));
  const [problem, setProblem] = useState<string | null>(null);
  const make = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const instant = instantOf(startsAt, timeZone);
    if (name.trim() === "" || instant === null) {
      setProblem(instant === null ? "Give a date and a time to start." : "Give the outing a name.");
      return;
    }
    try {
      await makeOuting({ from: "outing", id: uuid(), copyOf: view.id, name: name.trim(), startsAt: instant });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <Dialog title="Another outing like this" isOpen={isOpen} onClose={onClose}>
      <form className="flex flex-col gap-3" onSubmit={(event) => void make(event)} noValidate>
        <TextField label="Name" value={name} onChange={setName} />
        <TimeInput
          label={`Starts, by the clock of ${timeZone.replaceAll("_", " ")}`}
          type="datetime-local"
          value={startsAt}
          onChange={setStartsAt}
        />
        <p className="text-muted text-sm">
          The saved state is copied: place, phases, clothes. The weather goes along by the hour; give it again there.
        </p>
        <Problem words={problem} />
        <button type="submit" className="press border-accent self-start">
          Make it
        </button>
      </form>
    </Dialog>
  );
}
