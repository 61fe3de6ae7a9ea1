import { figuresFile, figuresTaken } from '../../../figures-route';
import { guarded } from '../../../guarded';

interface Given {
  params: Promise<{ job: string }>;
}

/** The figures of a job, its sections and panels. */
export const GET = guarded<Given>({ reads: 'plans' }, async (_request, { params }) =>
  figuresFile((await params).job),
);
export const POST = guarded<Given>({ does: 'job' }, async (request, { params }, caller) =>
  figuresTaken((await params).job, request, caller),
);
