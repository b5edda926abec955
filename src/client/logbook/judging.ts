/** What judges on the device: with the rules, more than all the rest of a logbook. Fetched beside what it judges. */
export { assess, findingsTurningOn, follow } from '@/core';
