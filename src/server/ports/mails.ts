/** A mail of plain text. */
export type Mail = { readonly to: string; readonly subject: string; readonly text: string };

/** Sends mails. Another service is put in by another maker; all else stays as it is. */
export type Mails = { send(mail: Mail): Promise<void> };
