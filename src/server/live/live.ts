import 'server-only';
import { readArrived } from '../commands/read-arrived';
import { channels, Listening } from '../db/listen';
import { Hub, readHereWord } from './hub';

/** Milliseconds between two looks at who is still here. */
const sweepMs = 5000;
/** While nothing is heard of other processes, what is watched is asked for so often. */
const deafMs = 2000;

interface Live {
  hub: Hub;
  close(): Promise<void>;
}

const globalForLive = globalThis as typeof globalThis & { eastGateLive?: Live };

function begin(): Live {
  const deaf = { asking: undefined as ReturnType<typeof setInterval> | undefined };
  const hub: Hub = new Hub({
    read: (organisation, inspection, after) => readArrived({ organisation }, inspection, after),
    say: (word) => listening.say(channels.here, JSON.stringify(word)),
    now: () => Date.now(),
  });
  const hearAgain = () => {
    clearInterval(deaf.asking);
    hub.readAll();
  };
  const goDeaf = () => {
    clearInterval(deaf.asking);
    deaf.asking = setInterval(() => hub.readAll(), deafMs);
    deaf.asking.unref();
  };
  const listening = new Listening({
    onWord(channel, word) {
      if (channel === channels.entries) return hub.arrived(word);
      const said = readHereWord(word);
      if (said) hub.heard(said);
    },
    onOpen: hearAgain,
    onClose: goDeaf,
  });
  goDeaf();
  const sweeping = setInterval(() => hub.sweep(), sweepMs);
  sweeping.unref();
  return {
    hub,
    async close() {
      clearInterval(sweeping);
      clearInterval(deaf.asking);
      hub.close();
      await listening.close();
    },
  };
}

/** Who watches what in this process: begun when the first does. */
export const liveHub = (): Hub => (globalForLive.eastGateLive ??= begin()).hub;

export async function closeLive(): Promise<void> {
  await globalForLive.eastGateLive?.close();
  globalForLive.eastGateLive = undefined;
}
