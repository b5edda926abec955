import { describe, expect, test } from '@jest/globals';
import { checkSound, mostSoundBytes } from './check-sound';

const file = (begins: string, bytes = 200) => {
  const whole = Buffer.alloc(bytes);
  whole.write(begins, 'latin1');
  return whole;
};
const ebml = Buffer.from('1a45dfa3', 'hex').toString('latin1');

describe('a spoken note that may be kept', () => {
  test.each([
    ['audio/webm', `${ebml}.........B..webm`],
    ['audio/ogg', 'OggS........................OpusHead'],
    ['audio/mp4', '\0\0\0\x1cftypiso5'],
  ])('%s, by how it begins', (mediaType, begins) => {
    expect(checkSound(file(begins))).toMatchObject({ ok: true, sound: { mediaType } });
  });

  test.each([
    ['nothing', Buffer.alloc(0), /empty/],
    ['a byte', Buffer.from('x'), /expected WebM, Ogg or MP4/],
    ['a page', file('<!doctype html><script>'), /expected WebM/],
    ['a picture', file('\x89PNG\r\n\x1a\n'), /expected WebM/],
    ['EBML of another type', file(`${ebml}.........B..matroska`), /expected WebM/],
    ['Ogg of something else', file('OggS........................\x01vorbis'), /expected WebM/],
    ['one that goes on for ever', file('OggS....OpusHead', mostSoundBytes + 1), /at most 4 MB/],
  ])('not %s', (_, bytes, reason) => {
    expect(checkSound(bytes)).toEqual({ ok: false, reason: expect.stringMatching(reason) });
  });
});
