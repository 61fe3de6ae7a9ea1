import { figuresFile, figuresTaken } from '../../../figures-route';
import { guarded } from '../../../guarded';

interface Given {
  params: Promise<{ job: string }>;
}

/** The figures of a job, its sections and panels. */
export const GET = guarded<Given>(async (_request, { params }) => figuresFile((await params).job));
export const POST = guarded<Given>(async (request, { params }) => figuresTaken((await params).job, request));
