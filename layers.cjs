/**
 * The rooms of the house, in order: what stands in one imports only what stands before it, folder by
 * folder, type imports counted. Lint reads this list (`.dependency-cruiser.cjs`); the picture in the
 * README is made from it (`npm run picture`).
 */
const core = [
  {
    room: 'vocabulary',
    is: 'words of the trade and of the field that everything else uses',
    folders: {},
  },
  {
    room: 'codes',
    is: 'what is known before anybody looks: tables and years with their sources, families, settings',
    folders: {
      yardstick: 'tables and rule years, with units and sources; what a town amends',
      families: 'construction families and their nameplates',
      'cost-book': 'labour, fees and parts, as an organisation reckons them',
      settings: 'what an organisation sets, frozen into each inspection',
    },
  },
  {
    room: 'record',
    is: 'the append-only facts an inspection is made of',
    folders: {
      entries: 'what can be said of which thing; the fold of entries into facts',
      shorthand: 'the desk grammar, read and printed',
      package: 'the open package and its seal',
    },
  },
  {
    room: 'installation',
    is: 'the thing on the wall, put together from the facts',
    folders: {
      supply: 'the tree from the street to the last panel; fault current',
      panel: 'positions, devices, terminals, bars, wires, and their words',
      'likely-family': 'which family a panel is likely of',
    },
  },
  {
    room: 'measure',
    is: 'figures that follow from the record',
    folders: {
      load: 'demand, load sheet, room for more',
      readings: 'what is a good figure, and proof of dead',
    },
  },
  {
    room: 'judge',
    is: 'three-valued checks, grades with their reasons',
    folders: {
      check: 'what a rule is, what it may look at, and the places it is asked at',
      rules: 'one rule a file, each with its table of cases',
      examine: 'every rule at every place; what was seen and not',
      scope: 'what a visit agreed to do, and how far it was done',
      grading: 'matrix, evidence, pairs, schools, overrules',
      assess: 'entries to graded findings, anew or step by step',
      permit: 'the outcome against the permitted work',
    },
  },
  {
    room: 'model',
    is: 'what would flow, and what feeds what',
    folders: {
      simulation: 'network from the record, nodal analysis, what-ifs, why here',
      tracing: 'rounds by code, decoded',
    },
  },
  {
    room: 'fieldwork',
    is: 'the work at the panel: what is asked next, and how it becomes entries',
    folders: {
      hand: 'what somebody has in hand, as others are told',
      walk: 'stages, questions, notes and photos',
      recording: 'lines and taps turned into entries; undo',
      merging: 'what two hands recorded against each other, and what settles it',
      bench: 'readings to take, each with its verdict',
      'circuit-table': 'the panel as rows of a spreadsheet, and back',
    },
  },
  {
    room: 'advise',
    is: 'what to mend and what it costs, proven by judging the panel as it would be',
    folders: {
      placing: 'where everything goes in a panel, exactly',
      remedies: 'one way to mend a file: conditions, parts, and the entries it would leave',
      choosing: 'least money at each risk, exactly',
      planning: 'named plans of an inspection and the front they lie on',
    },
  },
  {
    room: 'show',
    is: 'what is drawn and what is issued',
    folders: {
      drawing: 'the panel as shapes in inches: layout, wire router, marks',
      thermal: 'a thermal picture laid on the drawing',
      report: 'the report: what it says, to whom, in which order',
    },
  },
];

const around = [
  { room: 'src/stand-ins', is: 'instruments and a house that answer from the circuit model' },
  {
    room: 'src/client',
    is: 'what is held on the device and who sends it, what was sent, what others record, the lock of the screen',
  },
  { room: 'src/worker', is: 'answers pages from the device where there is no network' },
  { room: 'src/workers', is: 'long computing beside the screen' },
  { room: 'src/ui', is: 'views: they show what core returned and compute no verdict' },
  {
    room: 'src/server',
    is: '`db` holds all SQL, `commands` decide, `live` tells what arrives, `jobs` work the queue, `render` makes files',
  },
  { room: 'src/app', is: 'routes: parse, one command, map the result' },
  { room: 'db/migrations', is: 'numbered SQL, never edited after it landed' },
];

/** Folders of core in order, as paths under src/core; a room without folders is one. */
const foldersInOrder = core.flatMap(({ room, folders }) => {
  const names = Object.keys(folders);
  return names.length > 0 ? names.map((name) => `${room}/${name}`) : [room];
});

/** The picture of the README: rooms of core top down as imports may go, then what stands around it. */
function picture() {
  const line = (name, is, deep) => `${'  '.repeat(deep)}${name.padEnd(22 - 2 * deep)}${is}`;
  const rooms = [...core].reverse().flatMap(({ room, is, folders }) => [
    line(`${room}/`, is, 1),
    ...Object.entries(folders)
      .reverse()
      .map(([name, what]) => line(name, what, 2)),
  ]);
  return [
    '```text',
    'src/core/               what stands higher imports what stands lower, never the other way',
    ...rooms,
    '```',
    '',
    'Around it:',
    '',
    ...around.map(({ room, is }) => `- \`${room}\`: ${is}`),
  ].join('\n');
}

const marks = ['<!-- picture: made by npm run picture -->', '<!-- end of picture -->'];

/** A text with the picture between its marks made anew. Throws where the marks are missing. */
function withPicture(text) {
  const [from, to] = marks.map((mark) => text.indexOf(mark));
  if (from < 0 || to < from) throw new Error(`expected ${marks.join(' … ')} in the README`);
  return `${text.slice(0, from + marks[0].length)}\n\n${picture()}\n\n${text.slice(to)}`;
}

module.exports = { core, around, foldersInOrder, withPicture };

if (require.main === module) {
  const fs = require('node:fs');
  fs.writeFileSync('README.md', withPicture(fs.readFileSync('README.md', 'utf8')));
}
