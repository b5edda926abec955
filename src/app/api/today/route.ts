import { daysAfter, utcDay } from '@/core/show/report/dates';
import { readToday } from '@/server/commands/read-inspection';
import { numberWords } from '@/server/commands/stored-inspection';
import { whoOf } from '@/server/session';
import type { InspectionLine, TodaySent } from '@/ui/Today/sent';
import { sending } from '../../session/sending';

/** What Today shows: all of it, or what is found with the words of ?q=. */
export const GET = sending(async (session, _, query) => {
  const words = query.get('q')?.slice(0, 200) ?? '';
  const soon = daysAfter(utcDay(new Date()), soonDays);
  const { states, deviceDays, due, rechecked } = await readToday(session, words, soon);
  return JSON.stringify({
    who: whoOf(session),
    deviceDays,
    mailbox: process.env.EAST_GATE_DEMO === '1',
    due: due.map(lineOf),
    rechecked: {
      unread: rechecked.unread,
      reports: rechecked.reports.map((row) => ({
        inspection: row.inspection_id,
        number: numberWords(row),
        place: row.place,
        lacks: row.lacks,
        fault: row.fault,
      })),
    },
    inspections: states.map(lineOf),
  } satisfies TodaySent);
});

/** Deadlines this near are shown first. */
const soonDays = 7;

const lineOf = (
  state: Awaited<ReturnType<typeof readToday>>['states'][number],
): InspectionLine => ({
  id: state.inspection_id,
  place: state.place,
  address: state.address,
  asOf: state.as_of,
  entries: state.entries,
  findings: state.findings,
  seenShare: state.seen_share,
  acts:
    state.acts_made === null || state.acts_agreed === null
      ? undefined
      : {
          made: state.acts_made,
          agreed: state.acts_agreed,
          called: state.acts_called ?? 'looks',
        },
  dangerOpen: state.danger_open,
  dueOn: state.due_on,
  stage: state.stage,
  issuedAs: state.issued_as,
  inHand: state.in_hand,
  behind: state.behind,
});
