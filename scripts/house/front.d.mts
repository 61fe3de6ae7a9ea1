import type { IncomingMessage, RequestListener } from 'node:http';

export interface FrontPlace {
  hosts: ReadonlySet<string>;
  tls: boolean;
  proxy: boolean;
}
export interface ToldAnswer {
  id: string;
  method: string | undefined;
  at: string;
  status: number;
  ms: number;
}
export function placeOf(given: {
  bound: string;
  names?: string[];
  tls?: boolean;
  proxy?: boolean;
}): FrontPlace;
export function refusalOf(
  request: Pick<IncomingMessage, 'method' | 'url' | 'rawHeaders'>,
  hosts: ReadonlySet<string>,
): { status: number; reason: string } | null;
export function addressOf(request: IncomingMessage, proxy: boolean): string;
export function withFront(
  handle: RequestListener,
  place: FrontPlace,
  told?: (one: ToldAnswer) => void,
): RequestListener;
