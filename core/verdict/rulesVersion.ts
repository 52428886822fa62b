/** The version of the rules that verdicts are made by; docs/rules.md says what each changed. */
export const RULES_VERSION = '2026.4';
/** What judged before versions were written down. */
export const FIRST_RULES_VERSION = '2026.1';
