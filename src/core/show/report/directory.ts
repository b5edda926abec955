import type { Assessment } from '../../judge/assess/assess';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import { directoryOf } from '../../model/tracing/directory';
import { traceOfPanel } from '../../model/tracing/trace-of-panel';
import type { ReportDirectory } from './report';

/** What each breaker or fuse feeds: by the trace where it was traced, else as recorded. */
export function reportDirectories(assessment: Assessment): ReportDirectory[] {
  return assessment.site.panels.map((panel) => ({
    panel: panel.id,
    panelName: panel.name,
    lines: directoryLines(assessment, panel),
  }));
}

function directoryLines({ site }: Assessment, panel: PanelView): ReportDirectory['lines'] {
  const traced = new Map(
    directoryOf(panel, traceOfPanel(site, panel)).map(({ circuit, words }) => [circuit, words]),
  );
  return panel.devices
    .filter(({ isMain }) => !isMain)
    .flatMap((device) =>
      circuitsOf(device).map(({ label, ratingA, circuit }) => {
        const found = circuit && traced.get(circuit.id);
        return {
          label,
          ratingA,
          feeds: found ?? circuit?.name,
          how: found ? 'traced' : circuit?.name ? 'recorded' : 'unknown',
        };
      }),
    );
}

/** Circuits of a device: one for each handle. */
function circuitsOf(device: DeviceView) {
  const byCircuit = new Map<string, DeviceView['terminals'][number]>();
  for (const terminal of device.terminals) {
    const key = terminal.circuit?.id ?? (device.form === 'tandem' ? terminal.ref : device.id);
    if (!byCircuit.has(key)) byCircuit.set(key, terminal);
  }
  const several = byCircuit.size > 1;
  return [...byCircuit.values()].map((terminal) => ({
    label: several ? terminal.label : device.label,
    ratingA: terminal.handleA,
    circuit: terminal.circuit,
  }));
}
