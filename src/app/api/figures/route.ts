import { figuresFile, figuresTaken } from '../figures-route';
import { guarded } from '../guarded';

/** The figures of the shop and its products. */
export const GET = guarded(() => figuresFile(null));
export const POST = guarded((request) => figuresTaken(null, request));
