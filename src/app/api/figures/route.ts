import { figuresFile, figuresTaken } from '../figures-route';
import { guarded } from '../guarded';

/** The figures of the shop and its products. */
export const GET = guarded({ reads: 'shop' }, () => figuresFile(null));
export const POST = guarded({ does: 'shop' }, (request, _context, caller) =>
  figuresTaken(null, request, caller),
);
