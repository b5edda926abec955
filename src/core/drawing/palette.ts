import type { Tone } from './shapes';

/** The drawing's colours on paper and on the light sheet. Wires are the trade's real colours, outlined. */
export const paperPalette: Record<Tone, string> = {
  can: '#b9c2c1', back: '#e4e8e5', pan: '#d5dbd8', steel: '#c7cdcb', edge: '#747f81',
  bar: '#c7cdcb', screw: '#cfd4d2', 'screw-edge': '#4a5457', lug: '#c7cdcb',
  bus: '#d9c79c', 'bus-edge': '#6b5a2c', body: '#3e4547', 'body-edge': '#1c2224', handle: '#0d1112',
  figure: '#ffffff', number: '#ffffff', plate: '#d5dbd8', 'plate-edge': '#4a5457',
  ink: '#172022', ink2: '#455256', ink3: '#5c686b', hair: '#98a3a2', green: '#2c7a3f', heat: '#c2571a',
  'wire-black': '#16191a', 'wire-black-edge': '#16191a',
  'wire-red': '#c22a20', 'wire-red-edge': '#7d140e',
  'wire-blue': '#2d5fa8', 'wire-blue-edge': '#163a6e',
  'wire-white': '#ffffff', 'wire-white-edge': '#747f81',
  'wire-grey': '#a9b0b0', 'wire-grey-edge': '#596466',
  'wire-green': '#2c7a3f', 'wire-green-edge': '#174a24',
  'wire-bare': '#eab184', 'wire-bare-edge': '#7d4519',
  'wire-aluminium': '#b4bcbf', 'wire-aluminium-edge': '#5d696d',
  'wire-unknown': '#8a9494', 'wire-unknown-edge': '#4a5457',
  'jacket-woven': '#b3b7ae', 'jacket-white': '#f6f5ef', 'jacket-yellow': '#e9c449', 'jacket-orange': '#dd8039',
  'jacket-black': '#2a2e30', 'jacket-steel': '#a9b3b3', 'jacket-unknown': '#e4e8e5',
};

/** The same on the dark sheet: white wires toned down on purpose, black ones edged. */
export const darkPalette: Record<Tone, string> = {
  can: '#414d50', back: '#222b2e', pan: '#2b3538', steel: '#5b6a6d', edge: '#798789',
  bar: '#8e9a9b', screw: '#aeb8b8', 'screw-edge': '#141a1c', lug: '#8e9a9b',
  bus: '#5f5231', 'bus-edge': '#d9c79c', body: '#4a5457', 'body-edge': '#798789', handle: '#050809',
  figure: '#ffffff', number: '#ffffff', plate: '#5b6a6d', 'plate-edge': '#e8ece8',
  ink: '#e8ece8', ink2: '#b4bfbe', ink3: '#94a1a1', hair: '#5b6a6d', green: '#46a05c', heat: '#ff8a3c',
  'wire-black': '#0a0c0d', 'wire-black-edge': '#8d999c',
  'wire-red': '#d8392d', 'wire-red-edge': '#ff9a8d',
  'wire-blue': '#4e86d8', 'wire-blue-edge': '#a9c8f5',
  'wire-white': '#d3d8d4', 'wire-white-edge': '#596466',
  'wire-grey': '#8d9797', 'wire-grey-edge': '#c9d0d0',
  'wire-green': '#3a9652', 'wire-green-edge': '#8fd3a0',
  'wire-bare': '#f0bb8e', 'wire-bare-edge': '#6a3a14',
  'wire-aluminium': '#a3adb1', 'wire-aluminium-edge': '#e0e6e8',
  'wire-unknown': '#6d7a7c', 'wire-unknown-edge': '#aeb8b8',
  'jacket-woven': '#8b9088', 'jacket-white': '#c9c9c2', 'jacket-yellow': '#c9a83c', 'jacket-orange': '#c26f30',
  'jacket-black': '#15191b', 'jacket-steel': '#7d8888', 'jacket-unknown': '#222b2e',
};
