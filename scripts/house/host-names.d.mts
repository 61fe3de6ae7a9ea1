export function hostNames(bound: string, names?: readonly string[]): Set<string>;
