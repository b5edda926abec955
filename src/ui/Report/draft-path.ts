import type { Audience } from '@/core/show/report/audience';

/** Where the sheet of a report that is not issued is asked for. */
export const draftPath = (inspection: string, audience: Audience) =>
  `/api/drafts/${encodeURIComponent(inspection)}?for=${audience}`;
