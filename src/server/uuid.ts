/** Whether a text is an id as rows have it: anything else is not asked of the database. */
export const isUuid = (text: string): boolean => /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
