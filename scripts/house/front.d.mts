import type { IncomingMessage, RequestListener } from 'node:http';

export function hostNames(bound: string): Set<string>;
export function refusalOf(
  request: Pick<IncomingMessage, 'method' | 'url' | 'rawHeaders'>,
  hosts: ReadonlySet<string>,
): { status: number; reason: string } | null;
export function withFront(handle: RequestListener, hosts: ReadonlySet<string>): RequestListener;
