import { guarded } from '../../guarded';
import { loadPicture } from '@/server/services/photos';

interface Given {
  params: Promise<{ sha: string }>;
}

/** A stored photo, or its thumbnail with `?thumb`; named by its contents, so it may be kept for ever. */
export const GET = guarded<Given>({ reads: 'plans' }, async (request, { params }) => {
  const thumb = new URL(request.url).searchParams.has('thumb');
  const picture = await loadPicture((await params).sha, thumb);
  if (!picture) return Response.json({ status: 'nothing' }, { status: 404 });
  return new Response(new Uint8Array(picture), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    },
  });
});
