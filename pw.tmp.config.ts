import base from "./playwright.config";
const { webServer: _w, ...rest } = base as any;
export default { ...rest, use: { ...rest.use, baseURL: "http://127.0.0.1:4490" } };
