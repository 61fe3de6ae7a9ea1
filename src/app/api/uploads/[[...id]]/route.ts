import { uploadServer } from '@/server/photos/uploads';
import { guarded } from '../../guarded';

/** Photos in pieces over a slow link; what broke off goes on where it stopped. Nothing is read back here. */
const handle = guarded(async (request) => (await uploadServer()).handleWeb(request));

export const POST = handle;
export const PATCH = handle;
export const HEAD = handle;
export const DELETE = handle;
export const OPTIONS = handle;
