export const root: string;
export const SERVER_FLAGS: string[];
export function run(command: string, args: string[], env?: Record<string, string>): Promise<void>;
export const ENDING: NodeJS.Signals[];
