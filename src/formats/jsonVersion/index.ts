/** The version of Tenon's own files; docs/formats.md says what each holds. */
export const JSON_VERSION = 1;
