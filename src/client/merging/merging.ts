/** What two hands recorded against each other, and what settles it: wanted where there is any of it. */
export { contradictionsOf } from '@/core/fieldwork/merging/contradictions';
export { settleOn } from '@/core/fieldwork/merging/settle-on';
