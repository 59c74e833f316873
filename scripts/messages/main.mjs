import { compileMessages } from "./compile.mjs";

compileMessages();
