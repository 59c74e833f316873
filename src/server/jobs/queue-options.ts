export const QUEUE = "job-part";
/** A part that is not answered by then is given to another worker: its own was killed, or hangs. */
export const PART_EXPIRES_S = Number(process.env.UMIAK_PART_EXPIRES_S ?? 60);
/** How often a part is tried. */
const MOST_RETRIES = 4;
export const QUEUE_OPTIONS = { expireInSeconds: PART_EXPIRES_S, retryLimit: MOST_RETRIES };
