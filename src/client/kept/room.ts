/** Of what a browser gives, the share that is used at most for what is only taken along. */
const mostShare = 0.8;

/** Bytes this device gives the application, and how many are used; undefined: the browser does not say. */
export interface Room {
  used: number;
  all: number;
  /** The browser said it does not clear it away by itself. */
  persistent: boolean;
}

export async function roomHere(): Promise<Room | undefined> {
  const { storage } = navigator;
  const { usage, quota } = (await storage?.estimate?.().catch(() => undefined)) ?? {};
  if (usage === undefined || !quota) return undefined;
  const persistent = (await storage.persisted?.().catch(() => false)) ?? false;
  return { used: usage, all: quota, persistent };
}

/** Whether something may be taken along: the rest of the room is for what is recorded. */
export const isRoomFor = (room: Room | undefined, bytes: number): boolean =>
  room === undefined || room.used + bytes <= room.all * mostShare;

/** Told before there is no room for what is recorded. */
export const isNearlyFull = (room: Room | undefined): boolean =>
  room !== undefined && room.used > room.all * mostShare;
