/**
 * Words of the trade and of the field that everything else uses: they stand on nothing.
 */
export * from './canonical';
export * from './device-forms';
export * from './fault';
export * from './fill';
export * from './grade';
export * from './lengths';
export * from './numbering';
export * from './phrases';
export * from './severity';
export * from './size';
export * from './system';
export * from './what-if';
