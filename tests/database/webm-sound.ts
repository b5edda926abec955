import { randomBytes } from 'node:crypto';

/** A file that begins as WebM does (EBML, RFC 8794), with other contents each time. */
export const webmSound = (bytes = 400): Buffer =>
  Buffer.concat([
    Buffer.from('1a45dfa39f4286810142f7810142f2810442f381084282847765626d42878104', 'hex'),
    randomBytes(bytes),
  ]);
