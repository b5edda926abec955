/** A permit desk or a utility takes days; the stand-in, for practice, this many milliseconds. */
export const deskDelay = 2000;

/**
 * The number a stand-in desk gives for a plan: always the same for the same plan.
 * @param plan its id in the record
 */
export function askDesk(whom: 'permit' | 'utility', plan: string): Promise<string> {
  let sum = whom === 'permit' ? 417 : 1204;
  for (const letter of plan) sum = (sum * 31 + letter.codePointAt(0)!) % 10_000;
  const number = `${whom === 'permit' ? 'MLP' : 'MLU'}-${String(sum).padStart(4, '0')}`;
  return new Promise((resolve) => setTimeout(() => resolve(number), deskDelay));
}
