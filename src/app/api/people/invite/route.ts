import { invite } from '@/server/commands/invite';
import { publicOrigin } from '../../../session/origin';
import { doing } from '../../../session/doing';

/** Invites somebody by a letter. */
export const POST = doing((session, body) => invite(session, body, publicOrigin()));
