export const root: string;
export function run(command: string, args: string[], env?: Record<string, string>): Promise<void>;
