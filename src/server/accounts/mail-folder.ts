import { tmpdir } from "node:os";
import path from "node:path";

/** Where the stand-in writes mails. */
export const mailFolder = (): string => process.env.UMIAK_MAIL_FOLDER ?? path.join(tmpdir(), "umiak-mails");
