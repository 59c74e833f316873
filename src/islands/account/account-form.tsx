import { useState, type SyntheticEvent } from "react";
import { ask } from "@/stores/ask";
import { messageOf } from "@/stores/message-of";
import { Problem } from "../fields/problem";

/** A field of a form that is filled in by people or by what keeps their passwords. */
export type AccountField = {
  readonly name: string;
  readonly label: string;
  readonly type: "email" | "password" | "text";
  readonly autoComplete: string;
  readonly minLength?: number;
  readonly maxLength: number;
  readonly isOptional?: boolean;
};

type Props = {
  readonly fields: readonly AccountField[];
  readonly submit: string;
  readonly url: string;
  readonly method?: "POST" | "DELETE";
  /** Sent besides what is typed. */
  readonly besides?: Readonly<Record<string, string>>;
  /** Asked before it is sent, where there is no way back. */
  readonly sure?: string;
  /** Said once it is done. */
  readonly done?: string;
  readonly onDone?: () => void;
};

/** Asks for something of an account, and says why it is refused. */
export function AccountForm({ fields, submit, url, method = "POST", besides = {}, sure, done, onDone }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  const [state, setState] = useState<"open" | "sending" | "done">("open");
  const send = async (event: SyntheticEvent<HTMLFormElement>): Promise<void> => {
    event.preventDefault();
    if (sure !== undefined && !window.confirm(sure)) return;
    const form = event.currentTarget;
    const typed = [...new FormData(form)].filter(([, value]) => typeof value === "string" && value !== "");
    setState("sending");
    setProblem(null);
    try {
      await ask(url, method, { ...Object.fromEntries(typed), ...besides });
      form.reset();
      setState("done");
      onDone?.();
    } catch (error) {
      setProblem(messageOf(error));
      setState("open");
    }
  };
  return (
    <form className="flex max-w-sm flex-col gap-3" onSubmit={(event) => void send(event)}>
      {fields.map(({ name, label, type, autoComplete, minLength, maxLength, isOptional }) => (
        <label key={name} className="flex flex-col gap-1">
          <span className="text-muted text-sm">{label}</span>
          <input
            className="field"
            name={name}
            type={type}
            autoComplete={autoComplete}
            minLength={minLength}
            maxLength={maxLength}
            required={!isOptional}
          />
        </label>
      ))}
      <Problem words={problem} />
      {state === "done" && done !== undefined && <p role="status">{done}</p>}
      <p>
        <button type="submit" className="press" disabled={state === "sending"}>
          {submit}
        </button>
      </p>
    </form>
  );
}
