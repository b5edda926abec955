import { digestOf } from '../digest';

/** Kinds a browser may record in, the smallest first; the server takes these. */
const types = ['audio/webm;codecs=opus', 'audio/ogg;codecs=opus', 'audio/mp4'];
/** Bits a second: a voice in a cellar is understood. */
const audioBitsPerSecond = 32_000;
/** A package holds so many files: with the photos there is room for these. */
export const mostSpokenAVisit = 40;
/** Seconds a spoken note has at most. */
export const mostSeconds = 180;

/** A spoken note made on this device. */
export interface Spoken {
  blob: Blob;
  digest: string;
  seconds: number;
}

export interface Recording {
  /** Ends it, and gives what was said. */
  stop(): Promise<Spoken>;
  /** Ends it, and keeps nothing. */
  drop(): void;
}

/** Why nothing can be recorded, in words; undefined: it can. */
export const noRecorder = (): string | undefined =>
  typeof MediaRecorder === 'undefined' || !navigator.mediaDevices
    ? 'This browser records no sound here: it does so on pages that came by https.'
    : undefined;

/**
 * Begins to record what is said.
 * @param onEnd called where it ends by itself: after the most seconds, or because the microphone was taken away
 * @throws Error whose message says why it could not begin
 */
export async function beginRecording(onEnd: () => void): Promise<Recording> {
  let stream: MediaStream;
  try {
    stream = await navigator.mediaDevices.getUserMedia({
      audio: { echoCancellation: false, noiseSuppression: true },
    });
  } catch (error) {
    throw new Error(
      (error as Error).name === 'NotAllowedError'
        ? 'This browser was told not to let pages listen. Allow the microphone for this page, or write the note.'
        : 'No microphone answers on this device. Write the note instead.',
      { cause: error },
    );
  }
  const mimeType = types.find((type) => MediaRecorder.isTypeSupported(type));
  const recorder = new MediaRecorder(stream, {
    ...(mimeType && { mimeType }),
    audioBitsPerSecond,
  });
  const pieces: Blob[] = [];
  const began = performance.now();
  recorder.addEventListener('dataavailable', ({ data }) => pieces.push(data));
  const ended = new Promise<void>((resolve) => recorder.addEventListener('stop', () => resolve()));
  const end = () => {
    clearTimeout(longest);
    if (recorder.state !== 'inactive') recorder.stop();
    for (const track of stream.getTracks()) track.stop();
  };
  const longest = setTimeout(() => {
    end();
    onEnd();
  }, mostSeconds * 1000);
  for (const track of stream.getTracks())
    track.addEventListener('ended', () => {
      end();
      onEnd();
    });
  // A piece each second: what was said is here even where the end goes wrong.
  recorder.start(1000);
  let lasted: number | undefined;
  return {
    drop: end,
    stop: async () => {
      lasted ??= performance.now() - began;
      end();
      await ended;
      const blob = new Blob(pieces, { type: recorder.mimeType.split(';')[0] || 'audio/webm' });
      if (blob.size === 0) throw new Error('Nothing was heard: nothing was recorded.');
      const seconds = Math.min(mostSeconds, Math.max(1, Math.round(lasted / 1000)));
      return { blob, digest: await digestOf(await blob.arrayBuffer()), seconds };
    },
  };
}
