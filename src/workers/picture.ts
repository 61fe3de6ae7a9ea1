import sharp from 'sharp';

/**
 * `plainPx`: most pixels of a format that has to be decoded whole; a JPEG is read at a fraction of its size.
 */
export const photoLimits = {
  bytes: 15 * 1024 * 1024,
  sidePx: 12_000,
  plainPx: 48_000_000,
  storedPx: 2560,
  thumbPx: 320,
};

export interface Picture {
  jpeg: Uint8Array;
  thumb: Uint8Array;
  widthPx: number;
  heightPx: number;
}

// One picture at a time and none kept: memory stays that of one picture.
sharp.cache(false);
sharp.concurrency(1);

const kinds = ['jpeg', 'png', 'webp', 'tiff', 'heif'];

/** What speaks against a picture before a single pixel of it is decoded; null where nothing does. */
function refusalOf({
  format,
  width,
  height,
}: {
  format: string;
  width: number;
  height: number;
}): string | null {
  if (!kinds.includes(format))
    return `the file is ${format}, no photo: JPEG, PNG, WebP, TIFF or HEIF is read`;
  if (Math.max(width, height) > photoLimits.sidePx)
    return `the photo is ${width} × ${height} px; at most ${photoLimits.sidePx} px a side are read`;
  if (format !== 'jpeg' && width * height > photoLimits.plainPx)
    return `the photo is ${width} × ${height} px; as ${format.toUpperCase()} at most ${photoLimits.plainPx / 1e6} megapixels are read, as JPEG more`;
  return null;
}

/**
 * Decodes a photo and encodes it anew as JPEG: turned upright, at most 2560 px, without place, camera or any other
 * data of the file. It is decoded once; the thumbnail is made from what is stored.
 * @returns the reason where it is no photo we take
 */
export async function readPicture(bytes: Uint8Array): Promise<Picture | { reason: string }> {
  if (bytes.byteLength > photoLimits.bytes)
    return { reason: `the photo is larger than ${photoLimits.bytes / 1048576} MB` };
  try {
    const limits = {
      limitInputPixels: photoLimits.sidePx ** 2,
      failOn: 'error',
      sequentialRead: true,
    } as const;
    const { width, height, format } = await sharp(bytes, limits).metadata();
    const reason = refusalOf({ format, width, height });
    if (reason) return { reason };
    const { data: jpeg, info } = await sharp(bytes, limits)
      .rotate()
      .resize(photoLimits.storedPx, photoLimits.storedPx, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: 82 })
      .toBuffer({ resolveWithObject: true });
    const thumb = await sharp(jpeg)
      .resize(photoLimits.thumbPx, photoLimits.thumbPx, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 82 })
      .toBuffer();
    return { jpeg, thumb, widthPx: info.width, heightPx: info.height };
  } catch {
    return { reason: 'the file is no photo that can be read' };
  }
}
