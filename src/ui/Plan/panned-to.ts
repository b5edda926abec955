/** The part of a tall drawing that is shown at once: its full width, with a box in the middle of its height. */
export function pannedTo(
  box: { y: number; height: number } | undefined,
  size: { width: number; height: number },
): { y: number; height: number } {
  const height = Math.min(size.height + 0.4, 0.9 * (size.width + 0.4));
  const middle = box === undefined ? 0 : box.y + box.height / 2;
  const most = size.height + 0.2 - height;
  return { y: Math.max(-0.2, Math.min(most, middle - height / 2)), height };
}
