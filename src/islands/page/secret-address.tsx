/** An address that is told once, and what to know of it. */
export const SecretAddress = ({ address, note }: { readonly address: string | null; readonly note: string }) =>
  address !== null && (
    <p role="status" className="border-accent border-l-4 pl-3">
      <a className="link break-all" href={address}>
        {address}
      </a>
      <span className="text-muted block text-sm">{note}</span>
    </p>
  );
