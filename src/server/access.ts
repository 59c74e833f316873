/** One owner until sign-in is built: whoever runs this server on their own machine. */
export const LOCAL_OWNER_ID = "01900000-0000-7000-8000-000000000001";
