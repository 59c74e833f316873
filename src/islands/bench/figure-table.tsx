import * as m from "@/messages";
export type FigureRow<Answer, Chosen> = {
  readonly title: string;
  readonly text: (answer: Answer, chosen: Chosen) => string;
};

type Props<Answer, Chosen> = {
  /** Of a column, before its number: "Feet". */
  readonly head: string;
  readonly rows: readonly FigureRow<Answer, Chosen>[];
  /** By column; `null` while one is computed. */
  readonly answers: readonly (Answer | null)[];
  /** What each column is made of. */
  readonly chosen: readonly Chosen[];
};

/** What columns of a bench are worth in figures, a column each. */
export function FigureTable<Answer, Chosen>({ head, rows, answers, chosen }: Props<Answer, Chosen>) {
  return (
    <table className="w-full text-sm">
      <caption className="sr-only">{m.whatEachIsWorth}</caption>
      <thead>
        <tr>
          <td />
          {answers.map((_, index) => (
            <th key={index} scope="col" className="text-muted px-2 py-1 text-left font-normal">
              {head} {index + 1}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ title, text }) => (
          <tr key={title} className="border-line border-t align-top">
            <th scope="row" className="text-muted max-w-56 py-1 pr-3 text-left font-normal">
              {title}
            </th>
            {answers.map((answer, index) => (
              <td key={index} className="px-2 py-1">
                {answer ? text(answer, chosen[index]!) : "…"}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
