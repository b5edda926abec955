import { terminalMarkC } from './terminal-mark';
import type { Fact } from '../../record/entries/inspection';
import { mmOf } from '../../vocabulary/lengths';
import type { ConductorView, PanelView, TerminalView } from '../../installation/panel/views';
import { sizeWords } from '../../installation/panel/words';
import { possibleColumns } from '../../codes/yardstick/conductor-limit';
import { deratedDeviceA } from '../../codes/yardstick/derated';
import type { AmpacityColumn } from '../../codes/yardstick/yardstick';
import { insulationC } from '../../installation/panel/insulation';
import type { Outcome, Scene } from './rule';
import { clear, found, likelyNotSeen, notSeen, want } from './rule';

/** Air around wiring where nobody measured it, °C: the table's own. */
const ordinaryC = 30;

/** Whether wires bundled together are still protected by their breakers. */
export function checkBundles(scene: Scene): Outcome {
  const { site, panel } = scene;
  const { reader } = site;
  const numbered = new Map<number, string[]>();
  let unsaid: string | undefined;
  const facts: Fact[] = [];
  for (const { id } of panel.cables) {
    const fact = reader.fact(id, 'bundle');
    if (!fact) unsaid ??= id;
    else {
      facts.push(fact as Fact);
      if (fact.value > 0) numbered.set(fact.value, [...(numbered.get(fact.value) ?? []), id]);
    }
  }
  const answers = [...numbered.values()].map((cables) => checkOne(cables, scene));
  const worst = answers.find(({ outcome }) => outcome === 'found');
  if (worst) return worst;
  const open = answers.find(({ outcome }) => outcome === 'not-seen');
  if (open) return open;
  const total = reader.fact(panel.id, 'bundledOver600');
  if (unsaid === undefined && panel.cables.length > 0)
    return clear('bundles as recorded', ...facts);
  if (!total)
    return notSeen(
      unsaid
        ? want(unsaid, 'bundle', 'see which cables run bundled together')
        : want(panel.id, 'bundledOver600', 'count wires bundled together'),
    );
  const air = ambientOf([], scene);
  const hopeless = worstOf(panel.conductors, total.value, air.ambientC, scene);
  if (!hopeless.certain && !hopeless.possible)
    return clear(`${total.value} bundled`, total, ...facts);
  // Somewhere in this panel a wire would not stand it; whether it is among those bundled is not known.
  return likelyNotSeen(
    [total],
    want(unsaid ?? panel.id, unsaid ? 'bundle' : 'bundledOver600', 'see which wires those are'),
  );
}

function checkOne(cables: readonly string[], scene: Scene): Outcome {
  const { site, panel, yardstick } = scene;
  const { reader } = site;
  const wires = panel.conductors.filter(({ cable }) => cable && cables.includes(cable.id));
  const count = currentCarrying(wires, panel);
  const facts = cables.flatMap((id) => (reader.fact(id, 'bundle') as Fact | undefined) ?? []);
  if (count <= yardstick.bundleFactor[0]!.upTo) return clear(`${count} bundled`, ...facts);
  const lengths = cables.flatMap((id) => reader.fact(id, 'bundledLength') ?? []);
  const longest = Math.max(...lengths.map(({ value }) => mmOf(value)));
  if (lengths.length === 0)
    return notSeen(want(cables[0]!, 'bundledLength', 'measure how long they run bundled'));
  if (longest <= yardstick.bundleFromMm)
    return clear('bundled for a short way', ...facts, ...(lengths as Fact[]));
  const { ambientC, fact: air } = ambientOf(cables, scene);
  const { certain, possible } = worstOf(wires, count, ambientC, scene);
  if (certain)
    return found(
      'bundle',
      { ...certain.data, count, air: air ? ` in air of ${ambientC} °C` : '' },
      [...facts, ...(lengths as Fact[]), air, ...certain.facts],
      air ? {} : { presumes: [`Air of ${ordinaryC} °C around them: warmer makes it worse.`] },
    );
  if (possible) return notSeen(possible);
  return clear(`${count} bundled`, ...facts, ...(lengths as Fact[]), air);
}

/** Hots, and neutrals that carry the current of one hot; a shared neutral of a split phase does not count, nor do grounds. */
function currentCarrying(wires: readonly ConductorView[], panel: PanelView): number {
  const shared = new Set(panel.multiwires.flatMap(({ neutral }) => neutral?.id ?? []));
  const balanced = panel.system === 'split-phase' || panel.system === 'high-leg-delta';
  return wires.filter(({ id, function: use }) => {
    if (use?.value === 'ground') return false;
    return !(use?.value === 'neutral' && shared.has(id) && balanced);
  }).length;
}

/** The warmest air recorded of these cables, else of the panel, else the table's own. */
function ambientOf(
  cables: readonly string[],
  { site: { reader }, panel }: Scene,
): { ambientC: number; fact: Fact | undefined } {
  const facts = cables.flatMap((id) => reader.fact(id, 'ambientC') ?? []);
  const own = facts.length > 0 ? facts : [reader.fact(panel.id, 'ambientC')];
  const warmest = own.reduce((a, b) => (b && (!a || b.value > a.value) ? b : a), undefined);
  return { ambientC: warmest?.value ?? ordinaryC, fact: warmest as Fact | undefined };
}

/** Columns a conductor's own insulation may start from, °C; of a non-metallic cable by its age. */
function startColumns(
  conductor: ConductorView,
  { site: { reader } }: Scene,
): readonly AmpacityColumn[] {
  const { cable } = conductor;
  const kind = cable?.kind?.value;
  if (kind === 'nm') {
    const age = cable && reader.value(cable.id, 'cableAge');
    const year = cable && reader.value(cable.id, 'yearBuilt');
    if (age === '1985-2000' || age === 'from-2001' || (year !== undefined && year >= 1985))
      return [90];
    return age || year !== undefined ? [60] : [60, 90];
  }
  if (kind === 'thw' || kind === 'se') return [75];
  return kind ? [60] : [60, 75, 90];
}

/** The conductor furthest beyond its limit, and what is wanted where one only may be beyond it. */
function worstOf(
  wires: readonly ConductorView[],
  count: number,
  ambientC: number,
  scene: Scene,
): {
  certain?: { data: Record<string, string | number>; facts: (Fact | undefined)[] };
  possible?: ReturnType<typeof want>;
} {
  const { panel, yardstick } = scene;
  let worst:
    { ratio: number; terminal: TerminalView; conductor: ConductorView; limitA: number } | undefined;
  let possible: ReturnType<typeof want> | undefined;
  for (const conductor of wires) {
    const terminal = conductor.landsOn?.value && panel.terminals.get(conductor.landsOn.value);
    const { size, metal } = conductor;
    if (!terminal || !size || !metal || terminal.handleA === undefined) continue;
    const severalReceptacles =
      terminal.circuit?.loads.some((load) => load.kind?.value === 'receptacles') ?? false;
    const columns = possibleColumns(
      yardstick,
      terminal.handleA,
      insulationC(conductor),
      terminalMarkC(terminal, scene.site.reader),
    );
    const limits = startColumns(conductor, scene).flatMap((from) =>
      columns.map((terminals) =>
        deratedDeviceA(yardstick, metal.value, size.value, {
          count,
          ambientC,
          from,
          terminals,
          severalReceptacles,
        }),
      ),
    );
    const most = Math.max(...limits);
    if (terminal.handleA > most) {
      const ratio = terminal.handleA / Math.max(most, 1);
      if (!worst || ratio > worst.ratio) worst = { ratio, terminal, conductor, limitA: most };
    } else if (terminal.handleA > Math.min(...limits))
      possible ??=
        conductor.cable?.kind?.value === 'nm'
          ? want(conductor.cable.id, 'cableAge', 'tell the age of the cable by its jacket')
          : want(terminal.device.id, 'temperatureMarkC', 'read the temperature mark at both ends');
  }
  if (!worst) return possible ? { possible } : {};
  const { terminal, conductor, limitA } = worst;
  return {
    certain: {
      data: {
        conductor: sizeWords(conductor.size!.value, conductor.metal!.value),
        at: terminal.label,
        deviceA: terminal.handleA!,
        limitA,
      },
      facts: [terminal.ratingA as Fact, conductor.size, conductor.metal],
    },
  };
}
