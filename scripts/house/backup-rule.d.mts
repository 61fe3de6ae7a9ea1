export function keptOf<B extends { atMs: number }>(all: readonly B[]): B[];
