import 'server-only';
import { createHash } from 'node:crypto';

export const sha256 = (data: string | Buffer): Buffer => createHash('sha256').update(data).digest();
export const sha256Hex = (text: string | Buffer): string => sha256(text).toString('hex');
