import { ownerPhotoOf } from '@/server/services/owner-page';
import { openTo } from '../../../../guarded';

interface Given {
  params: Promise<{ token: string; sha: string }>;
}

/** A photo that was chosen for the owner of the job behind a link; any other is as none. */
export const GET = openTo<Given>(async (request, { params }) => {
  const { token, sha } = await params;
  const picture = await ownerPhotoOf(token, sha, request.nextUrl.searchParams.has('thumb'));
  if (!picture) return Response.json({ status: 'nothing' }, { status: 404 });
  return new Response(new Uint8Array(picture), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=3600',
      'x-content-type-options': 'nosniff',
    },
  });
});
