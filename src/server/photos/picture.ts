import sharp from 'sharp';

export const photoLimits = { bytes: 15 * 1024 * 1024, widthPx: 12_000, storedPx: 2560, thumbPx: 320 };

export interface Picture {
  jpeg: Buffer;
  thumb: Buffer;
  widthPx: number;
  heightPx: number;
}

/**
 * Decodes a photo and encodes it anew as JPEG: turned upright, at most 2560 px, without place, camera or any other
 * data of the file. @returns the reason where it is no photo we take
 */
export async function readPicture(bytes: Buffer): Promise<Picture | { reason: string }> {
  if (bytes.byteLength > photoLimits.bytes)
    return { reason: `the photo is larger than ${photoLimits.bytes / 1048576} MB` };
  try {
    const image = sharp(bytes, { limitInputPixels: photoLimits.widthPx ** 2, failOn: 'error' });
    const { width, height, format } = await image.metadata();
    if (!['jpeg', 'png', 'webp', 'tiff', 'heif'].includes(format))
      return { reason: `the file is ${format}, no photo: JPEG, PNG, WebP, TIFF or HEIF is read` };
    if (Math.max(width, height) > photoLimits.widthPx)
      return {
        reason: `the photo is ${width} × ${height} px; at most ${photoLimits.widthPx} px a side are read`,
      };
    const inside = (px: number) =>
      sharp(bytes, { failOn: 'error' })
        .rotate()
        .resize(px, px, { fit: 'inside', withoutEnlargement: true })
        .flatten({ background: '#ffffff' })
        .jpeg({ quality: 82 });
    const { data: jpeg, info } = await inside(photoLimits.storedPx).toBuffer({ resolveWithObject: true });
    const thumb = await inside(photoLimits.thumbPx).toBuffer();
    return { jpeg, thumb, widthPx: info.width, heightPx: info.height };
  } catch {
    return { reason: 'the file is no photo that can be read' };
  }
}
