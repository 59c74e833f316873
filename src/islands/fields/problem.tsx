/** What went wrong and what to do; nothing where nothing did. */
export const Problem = ({ words }: { readonly words: string | null }) =>
  words !== null && (
    <p role="alert" className="text-cranberry text-sm">
      {words}
    </p>
  );
