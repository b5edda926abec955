import { sentWords } from '@/client/outbox/sent-words';
import type { HoldingState } from '@/client/logbook/store';
import { signInHere } from '@/client/sent/sign-in-here';
import { countedEntries, countedFiles } from '@/core/vocabulary/phrases';

/** Says honestly what is held on this device and what has arrived. */
export function HeldStatus({ holding }: { holding: HoldingState }) {
  const { held, connection, sentPictures, ready, writing } = holding;
  const waiting =
    writing > 0
      ? 'Writing to this device'
      : held.waiting === 0
        ? held.pictures === 0
          ? 'All arrived'
          : `${countedFiles(held.pictures)} held here`
        : `${countedEntries(held.waiting)} held here`;
  const why = {
    idle: '',
    sending: sentPictures ? sentWords(sentPictures) : 'sending',
    unreachable: 'server not reached, trying again',
    'signed-out': 'sign in to send',
    'not-allowed': 'you may not record in this office now: kept here',
  }[connection];
  return (
    <div className="min-w-0 leading-tight" role="status">
      <p
        className={`font-semibold ${held.waiting + held.pictures > 0 ? 'border-ink2 border-b border-dashed' : ''}`}
      >
        {ready ? waiting : 'Reading this device'}
      </p>
      <p className="text-caption text-ink2 truncate">
        {held.refused.length > 0 && (
          <Refused
            what={`${held.refused.length} refused`}
            reasons={held.refused.map(({ reason }) => reason ?? '')}
          />
        )}
        {held.pictureFaults.length > 0 && (
          <Refused what="a file refused" reasons={held.pictureFaults} />
        )}
        {connection === 'signed-out' ? (
          <a className="underline" href={signInHere()}>
            {why}
          </a>
        ) : (
          (held.waiting + held.pictures > 0 && why) || `${held.arrived} sent from here`
        )}
        {held.waitingForOthers > 0 && ` · ${held.waitingForOthers} wait for somebody else`}
      </p>
    </div>
  );
}

/** Stands before all else; on a small screen why is read out there, and shown on Today. */
function Refused({ what, reasons }: { what: string; reasons: readonly string[] }) {
  return (
    <>
      <span className="text-danger font-semibold" title={reasons.join('\n')}>
        {what}
        <span className="max-lg:sr-only">: {reasons[0]}</span>
      </span>
      {' · '}
    </>
  );
}
