import { forgetClient } from '@/server/commands/keeping';
import { doing } from '../../../session/doing';

/** Removes a client’s personal data from an inspection. */
export const POST = doing(forgetClient);
