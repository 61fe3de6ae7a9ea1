export const chromiumOptions: { executablePath: string; args: string[] };
export const demoClock: string;
