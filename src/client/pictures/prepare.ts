import { digestOf } from '../digest';
/** A picture made ready on this device: upright, of sensible size, with nothing but pixels. */
export interface PreparedPicture {
  blob: Blob;
  digest: string;
  width: number;
  height: number;
}

const mostFileBytes = 40 * 1024 * 1024;
const longestSidePx = 2400;
const quality = 0.85;

/** Turns a chosen file into a picture to keep, or says why it cannot be taken. */
export async function preparePicture(
  file: Blob & { name?: string },
): Promise<PreparedPicture | { reason: string }> {
  const name = file.name ?? 'The picture';
  if (file.size > mostFileBytes)
    return {
      reason: `${name} has ${Math.round(file.size / 1024 / 1024)} MB; at most 40 MB are taken.`,
    };
  if (!file.type.startsWith('image/'))
    return {
      reason: `${name} is no picture: expected JPEG, PNG or WebP, got ${file.type || 'another kind of file'}.`,
    };
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return {
      reason: `${name} cannot be read here${/heic|heif/i.test(file.type + name) ? ': HEIC is not, save it as JPEG' : ': JPEG, PNG and WebP can'}.`,
    };
  }
  const scale = Math.min(1, longestSidePx / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d')!;
  // What can be seen through is white, as on paper.
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, width, height);
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
  return { blob, digest: await digestOf(await blob.arrayBuffer()), width, height };
}
