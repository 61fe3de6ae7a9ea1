import type { PaperPhoto } from '@/core/documents';
import type { PhotoTag } from '@/core/record';
import { fullDate } from '../words/format';

/** A photo with what it is of. */
export interface PhotoOnPaper {
  tag: PhotoTag;
  photo: PaperPhoto;
}

interface Kept {
  tag: PhotoTag;
  part: string | null;
  caption: string;
  takenOn: string;
  sha256: string;
  widthPx: number;
  heightPx: number;
}

/** More in one file nobody prints. */
export const mostPhotosOnPaper = 600;

/** Kept photos as a document shows them, by what they are of and the day they were taken. */
export const photosOnPaper = (photos: readonly Kept[]): PhotoOnPaper[] =>
  [...photos]
    .sort((a, b) => a.takenOn.localeCompare(b.takenOn))
    .map(({ tag, part, caption, takenOn, sha256, widthPx, heightPx }) => ({
      tag,
      photo: {
        sha256,
        caption: [part ?? '', caption, `${fullDate(takenOn)}`].filter(Boolean).join(', '),
        widthPx,
        heightPx,
      },
    }));
