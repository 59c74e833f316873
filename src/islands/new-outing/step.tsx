import { useId, type ReactNode } from "react";

/** One question of the plan. */
export function Step({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="border-line flex flex-col gap-3 border-t pt-3">
      <h2 id={id} className="text-lg font-semibold">
        {title}
      </h2>
      {children}
    </section>
  );
}
