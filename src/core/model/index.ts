/** What would flow (`simulation`), and what feeds what (`tracing`). */
export { siteNetwork } from './simulation/site-network';
export type { SiteNetwork } from './simulation/site-network';
export { solve } from './simulation/solve';
export type { Solution } from './simulation/solve';
export { whyHereOf } from './simulation/why-here';
export { traceOfPanel } from './tracing/trace-of-panel';
