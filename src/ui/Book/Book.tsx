'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { usePathname } from 'next/navigation';
import { fetchJudging } from '@/client/logbook/fetch-judging';
import { useLogbook } from '@/client/logbook/use-logbook';
import type { Sent } from '@/client/sent/use-sent';
import { useSent } from '@/client/sent/use-sent';
import type { Certainty } from '@/core/record/entries/entry';
import type { Hand } from '@/core/fieldwork/hand/hand';
import type { Opened } from '@/core/record/package/opened';
import { FromHere } from '../Device/FromHere';
import { Newer } from '../Device/Newer';
import { Opening } from '../primitives/Opening';
import { fetchParts } from '@/client/later';
import { BookHeader } from './BookHeader';
import { bookActions } from './actions';
import type { Selection } from './context';
import { BookContextProvider, InHandProvider } from './context';
import { DangerCard } from './DangerCard';
import { DrawnProvider } from './Drawn';
import { useLive } from '@/client/live/use-live';
import { LiveProvider } from '../Live/context';
import { useFollowing } from '../Live/use-following';
import { lazily } from '../primitives/lazily';
import { NotJudged, notJudged } from './NotJudged';
import { StopStrip } from './StopStrip';
import type { BookSent } from './sent';
import { bookPath } from '@/client/sent/paths';

const NoPanel = lazily(async () => (await import('./NoPanel')).NoPanel);
const MendStrip = lazily(async () => (await import('./MendStrip')).MendStrip);
const HereStrip = lazily(async () => (await import('../Live/HereStrip')).HereStrip);

/** Nobody opens a part this soon after the view stands. */
const partsAfterMs = 1500;

const nothingCarried: Opened['carried'] & object = [];

/**
 * One inspection: its logbook, what is in hand, and the views that share them. It is judged and drawn on the
 * device, which holds entries the server does not know yet; the server sends what is recorded, and draws nothing.
 */
export function Book({ inspection, children }: { inspection: string; children: ReactNode }) {
  const { data, fault, keptAt, again } = useSent<BookSent>(bookPath(inspection));
  // What judges is fetched beside what it judges.
  useEffect(() => void fetchJudging().catch(() => undefined), []);
  return data ? (
    <OpenBook {...data} inspection={inspection} copy={{ keptAt, fault, again }}>
      {children}
    </OpenBook>
  ) : (
    <Opening says="Opening the logbook…" fault={fault} again={again} />
  );
}

interface OpenBookProps extends BookSent {
  inspection: string;
  /** Whether it is this device's copy. */
  copy: Pick<Sent<BookSent>, 'keptAt' | 'fault' | 'again'>;
  children: ReactNode;
}

function OpenBook({
  who: session,
  inspection,
  arrived: arrivedAt,
  opened,
  copy,
  children,
}: OpenBookProps) {
  const { settings, entries, authors } = opened;
  const carried = opened.carried ?? nothingCarried;
  const { store, state, judgeAgain } = useLogbook({
    inspection,
    settings,
    entries,
    organisation: session.organisation,
    may: session.may,
    member: session.member,
  });
  const { judged } = state.assessment;
  const { panels } = state.assessment.site;
  const path = usePathname();
  const [panelId, setPanelId] = useState<string>();
  const [chosen, select] = useState<Selection>();
  const [sure, setSure] = useState<Certainty>();
  const [trouble, setTrouble] = useState<string>();
  const [asked, askAgain] = useState(0);
  const panel = panels.find((one) => one.id === panelId) ?? panels[0];
  // A visit of which nothing is said yet begins at its first stage; another where it was left.
  const { site, reader } = state.assessment.site;
  const untold = site !== undefined && reader.fact(site, 'name') === undefined;
  const first: Selection =
    untold && panel?.rows === undefined
      ? { kind: 'stage', stage: 1 }
      : { kind: 'position', number: 1 };
  if (!chosen && panel) select(first);
  const selection = chosen ?? first;

  const panelInHand = panel?.id;
  const hand = useHand(panelInHand, selection);
  const now = useLive({
    inspection,
    store,
    hand,
    member: session.member,
    arrived: arrivedAt,
    again: copy.again,
  });
  // The server is heard again: what is shown from this device's copy is asked for anew.
  const outdated = now.hearing === 'live' && copy.keptAt !== undefined;
  const { again } = copy;
  const asking = useRef(again);
  useEffect(() => {
    asking.current = again;
  });
  useEffect(() => {
    if (outdated) asking.current();
  }, [outdated]);
  const { following, follow } = useFollowing(now.others, { select, setPanelId });

  const actions = useMemo(
    () =>
      bookActions({
        store,
        panel: panelInHand,
        sure,
        following: following !== undefined,
        select: (next) => {
          follow(undefined);
          select(next);
        },
        setPanelId,
        setSure,
        setTrouble,
      }),
    [store, panelInHand, sure, following, follow],
  );

  // Once the view stands, what it opens later is fetched: the network may be gone by then.
  useEffect(() => {
    const later = setTimeout(() => void fetchParts(), partsAfterMs);
    return () => clearTimeout(later);
  }, []);

  const names = useMemo(
    () =>
      new Map([
        ...[...authors, ...now.authors].map(({ id, name }) => [id, name] as const),
        [session.member, session.name] as const,
      ]),
    [authors, now.authors, session],
  );

  // Each stays the same while nothing of it changes: what reads one is not drawn anew for the other.
  const book = useMemo(
    () => panel && { store, state, who: session, inspection, names, carried, panel, actions },
    [store, state, session, inspection, names, carried, panel, actions],
  );
  const ask = useCallback(() => askAgain((times) => times + 1), []);
  const inHand = useMemo(() => ({ selection, sure, trouble }), [selection, sure, trouble]);
  const live = useMemo(() => ({ ...now, following, follow }), [now, following, follow]);

  if (!panel || !book) return <NoPanel store={store} who={session} />;
  return (
    <BookContextProvider value={book}>
      <InHandProvider value={inHand}>
        <LiveProvider value={live}>
          <DrawnProvider assessment={state.assessment}>
            <div className="grid h-dvh grid-cols-[minmax(0,1fr)] grid-rows-[auto_auto_1fr] print:h-auto">
              <BookHeader />
              <div>
                <FromHere
                  brief
                  {...copy}
                  missing="What others recorded since is not in it; what you record is kept and sent once the server is reached."
                />
                <Newer />
                {judgeAgain && <NotJudged again={judgeAgain} />}
                <StopStrip ask={ask} />
                {state.mending !== undefined && <MendStrip />}
                {now.met && <HereStrip />}
              </div>
              <div className="relative min-h-0">
                {judged || path.endsWith('/walk') ? (
                  children
                ) : (
                  <AwaitsJudging failed={judgeAgain} />
                )}
              </div>
            </div>
            <DangerCard asked={asked} />
          </DrawnProvider>
        </LiveProvider>
      </InHandProvider>
    </BookContextProvider>
  );
}

/** What is in hand, as others are told: the same while its words are. */
function useHand(panel: string | undefined, selection: Selection): Hand | undefined {
  const words = panel === undefined ? undefined : JSON.stringify({ panel, selection });
  return useMemo(() => (words === undefined ? undefined : (JSON.parse(words) as Hand)), [words]);
}

/** A view of what follows from the rules, before they are here. */
const AwaitsJudging = ({ failed }: { failed: (() => void) | undefined }) => (
  <p className="text-ink2 p-4" role="status">
    {failed ? `${notJudged}.` : `${notJudged}: the rules are being fetched…`}
  </p>
);
