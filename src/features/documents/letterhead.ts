import type { Letterhead } from '@/core/documents';
import type { Shop } from '@/core/shop';

/** The head of the shop's paper. */
export const letterheadOf = ({
  name,
  letterhead,
  markSha256,
}: Pick<Shop, 'name' | 'letterhead' | 'markSha256'>): Letterhead => ({
  name,
  lines: letterhead,
  markSha256: markSha256 === '' ? null : markSha256,
});
