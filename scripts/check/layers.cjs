/** Folders of src/ and what each may import besides itself. */
module.exports = {
  core: [],
  formats: ["core"],
  charts: ["core", "formats"],
  workers: ["core", "formats"],
  stores: ["core", "formats", "workers"],
  islands: ["core", "formats", "charts", "stores"],
  components: ["formats", "islands"],
  db: ["core"],
  server: ["core", "formats", "db"],
  pages: ["formats", "server", "islands", "components"],
};
