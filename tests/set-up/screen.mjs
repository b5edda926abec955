/** A browser's document and storage for the tests of views, where the runner gives them no context of their own. */
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import globalDocument from 'global-jsdom';

globalDocument('<!doctype html><html><head></head><body></body></html>', {
  url: 'http://localhost/',
  pretendToBeVisual: true,
});

// What a document is told must be of its own kind, where Node has one of the same name.
for (const name of ['Event', 'CustomEvent', 'MessageEvent', 'AbortController', 'AbortSignal'])
  globalThis[name] = window[name];
// Where it is there, what draws writes every property of what it drew to a timeline nobody reads.
console.timeStamp = undefined;

/** Called by each file of tests: it finds nothing on this device. */
globalThis.freshScreen = () => {
  globalThis.indexedDB = new IDBFactory();
  localStorage.clear();
  document.body.replaceChildren();
};
