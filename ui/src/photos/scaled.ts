/** Enough to see an edge by; a picture of a telephone has five times as many. */
const LARGEST_PX = 1600;
const QUALITY = 0.85;

/**
 * A picture scaled down for the shop's records, as base64 of a JPEG. Drawn anew it carries nothing of where and with what it was
 * taken.
 *
 * @throws an `Error` with a sentence when the file is no picture that this browser can read
 */
export async function scaled(file: Blob): Promise<string> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error('This file is no picture that the browser can read: a JPEG, PNG or WebP is.');
  });
  const share = Math.min(1, LARGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * share));
  canvas.height = Math.max(1, Math.round(bitmap.height * share));
  const paper = canvas.getContext('2d');
  if (!paper) throw new Error('This browser cannot scale pictures.');
  // What can be seen through is white, as paper is.
  paper.fillStyle = '#fff';
  paper.fillRect(0, 0, canvas.width, canvas.height);
  paper.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.toDataURL('image/jpeg', QUALITY).replace(/^[^,]*,/, '');
}
