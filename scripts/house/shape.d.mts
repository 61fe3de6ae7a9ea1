export function shapeOf(address: string): string;
