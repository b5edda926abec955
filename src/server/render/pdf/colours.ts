import 'server-only';
import type { Grade } from '@/core/vocabulary/grade';

/** Grade colours on paper; each stands beside its word and shape. */
export const gradeColours: Record<Grade, string> = {
  danger: '#a30f12',
  urgent: '#9a3f00',
  repair: '#745800',
  plan: '#20588c',
  note: '#4d595c',
};
