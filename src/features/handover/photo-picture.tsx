import Image from 'next/image';
import type { PhotoShown } from '../frame/use-photos';
import { fullDate } from '../words/format';
import { photoTagNames } from '../words/handover-words';

/** What a photo shows, for whoever cannot see it. */
export const photoAlt = (photo: Pick<PhotoShown, 'part' | 'tag' | 'caption' | 'takenOn'>): string =>
  [photo.part ?? 'the object', photoTagNames[photo.tag], photo.caption, fullDate(photo.takenOn)]
    .filter(Boolean)
    .join(', ');

/** A stored photo; it is named by its contents, so that it is read once. */
export const Picture = ({
  photo,
  className,
  isSmall = false,
}: {
  photo: PhotoShown;
  className: string;
  isSmall?: boolean;
}) => (
  <Image
    unoptimized
    src={`/api/photos/${photo.sha256}${isSmall ? '?thumb' : ''}`}
    alt={photoAlt(photo)}
    width={photo.widthPx}
    height={photo.heightPx}
    className={className}
  />
);
