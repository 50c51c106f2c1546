export { escapeXml } from "./escapeXml";
