import Image from 'next/image';
import type { OwnerView } from '@/core/owner/owner-view';
import { date } from '../words/format';

/** Photos that were chosen for the owner; each opens whole. */
export const OwnerPhotos = ({ photos, token }: { photos: OwnerView['photos']; token: string }) =>
  photos.length === 0 ? null : (
    <ul className="grid grid-cols-2 gap-2 py-2">
      {photos.map((photo) => (
        <li key={photo.sha256}>
          <a href={`/api/owner/${token}/photos/${photo.sha256}`}>
            <Image
              unoptimized
              loading="lazy"
              src={`/api/owner/${token}/photos/${photo.sha256}?thumb`}
              alt={photoText(photo)}
              width={photo.widthPx}
              height={photo.heightPx}
              className="h-auto w-full border border-line"
            />
          </a>
          <p className="text-small text-quiet">{photoText(photo)}</p>
        </li>
      ))}
    </ul>
  );

const photoText = ({ part, caption, takenOn }: OwnerView['photos'][number]): string =>
  [part ?? '', caption, date(takenOn)].filter(Boolean).join(', ');
