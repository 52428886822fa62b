/** What a column keeps as JSON. @throws SyntaxError where it is damaged */
export const parsed = <T>(text: string | null): T | null => (text === null ? null : (JSON.parse(text) as T));
