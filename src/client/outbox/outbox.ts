import { later } from '../later';
import type { HeldDatabase } from './held';
import { openHeld } from './held';
import type { PicturesProgress } from './pictures';
import { sendPictureOverHttp } from './send-picture';
import type { Connection } from './sender';
import { Sender } from './sender';
import { httpTransport } from './transport';

const keeping = later(() => import('../kept/answers'));
const clearKept = () =>
  void keeping().then(
    ({ clearKept: clear }) => clear(),
    () => undefined,
  );

const channelName = 'east-gate-held';
/** Milliseconds from an entry on the disk to its sending: what was touched is on the screen first. */
const sendAfterMs = 40;

/**
 * Sends what one member recorded on this device, from whatever page is open, and hears what other pages write and
 * send.
 */
export class Outbox {
  connection: Connection = 'idle';
  /** Of the pictures that waited when sending began, while they are sent. */
  pictures: PicturesProgress | undefined;
  private readonly listeners = new Set<(heldChanged: boolean) => void>();
  private readonly channel = new BroadcastChannel(channelName);
  private readonly sender: Sender;

  constructor(
    readonly db: HeldDatabase,
    member: string,
  ) {
    this.channel.onmessage = () => this.tell(true);
    this.sender = new Sender({
      db,
      member,
      transport: httpTransport('', {}, clearKept),
      sendPicture: sendPictureOverHttp(),
      alone: (work) => navigator.locks.request(`east-gate-sender-${member}`, work),
      pause: (ms, signal) =>
        new Promise((resolve) => {
          const timer = setTimeout(resolve, ms);
          signal.addEventListener('abort', () => (clearTimeout(timer), resolve()), { once: true });
        }),
      onChange: (connection) => {
        this.connection = connection;
        if (connection !== 'sending') this.pictures = undefined;
        this.tell(connection !== 'sending');
        if (connection !== 'sending') this.channel.postMessage('changed');
      },
      onProgress: (pictures) => {
        this.pictures = pictures;
        this.tell(pictures === undefined);
      },
    });
    const wake = () => this.sender.wake();
    for (const event of ['online', 'focus']) window.addEventListener(event, wake);
    wake();
  }

  /** Something was written to the disk, and wants to be sent. */
  readonly wakeSoon = (): void =>
    void setTimeout(() => {
      this.channel.postMessage('changed');
      this.sender.wake();
    }, sendAfterMs);

  /** Called whenever something was held, sent or answered, here or on another page, and as pictures are sent. */
  subscribe(listener: (heldChanged: boolean) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  private tell(heldChanged: boolean): void {
    for (const listener of this.listeners) listener(heldChanged);
  }
}

let here: { member: string; outbox: Promise<Outbox> } | undefined;

/** The one of this page. */
export function outboxFor(member: string): Promise<Outbox> {
  if (here?.member !== member)
    here = { member, outbox: openHeld().then((db) => new Outbox(db, member)) };
  return here.outbox;
}
