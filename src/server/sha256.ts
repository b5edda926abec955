import 'server-only';
import { createHash } from 'node:crypto';

export const sha256 = (text: string): Buffer => createHash('sha256').update(text).digest();
export const sha256Hex = (text: string): string => sha256(text).toString('hex');
