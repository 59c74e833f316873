/** Folders of src/ and what each may import besides itself. */
module.exports = {
  messages: [],
  core: ["messages"],
  formats: ["messages", "core"],
  charts: ["messages", "core", "formats"],
  workers: ["messages", "core", "formats"],
  stores: ["messages", "core", "formats", "workers"],
  islands: ["messages", "core", "formats", "charts", "stores"],
  components: ["messages", "formats", "islands"],
  db: ["messages", "core"],
  server: ["messages", "core", "formats", "db"],
  pages: ["messages", "formats", "server", "islands", "components"],
};
