/**
 * What is known before anybody looks: tables with their sources (`yardstick`), construction families
 * (`families`), what an organisation sets (`settings`).
 */
export { amendments, yardstickOf, yardsticks } from './yardstick';
export type { Yardstick } from './yardstick/yardstick';
export { shippedFamilies } from './families/shipped';
export { startingSettings } from './settings/settings';
export type { Settings } from './settings/settings';
export { anySettingsSchema } from './settings/versions';
