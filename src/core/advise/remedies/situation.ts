import type { SiteView } from '../../installation/panel/site-view';
import type { DeviceView, PanelView, TerminalView } from '../../installation/panel/views';
import type { FactReader } from '../../record/entries/fact-reader';
import { splitRef } from '../../record/entries/thing-types';
import type { Settings } from '../../codes/settings/settings';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { Finding } from '../../judge/grading/finding';
import { deviceOn } from './device-on';
import type { RemedyName } from './remedy-name';

/** A panel as a whole: what a remedy for all of it looks at. */
export interface PanelSituation {
  remedy: RemedyName;
  panel: PanelView;
  site: SiteView;
  reader: FactReader;
  settings: Settings;
  yardstick: Yardstick;
  /** Devices something was found at: what is not about that leaves them as they are. */
  busy?: ReadonlySet<string>;
}

/** A finding where it stands: what a remedy looks at to say how it is done there. */
export class Situation {
  readonly reader: FactReader;

  constructor(
    readonly remedy: RemedyName,
    readonly finding: Finding,
    readonly site: SiteView,
    readonly settings: Settings,
    readonly yardstick: Yardstick,
  ) {
    this.reader = site.reader;
  }

  /** What the finding is of. */
  get ref(): string {
    return this.finding.verdict.place.ref;
  }

  get message(): string {
    return this.finding.outcome.message;
  }

  /** A figure of the finding. */
  figure(name: string): number | undefined {
    const value = Number(this.finding.outcome.data[name]);
    return Number.isFinite(value) ? value : undefined;
  }

  get panel(): PanelView {
    return this.site.panels.find(({ id }) => id === this.finding.verdict.panel)!;
  }

  get device(): DeviceView | undefined {
    return deviceOn(this.panel, this.ref);
  }

  get terminal(): TerminalView | undefined {
    return this.device?.terminals.find(({ ref }) => ref === this.ref) ?? this.device?.terminals[0];
  }

  /** Things the finding rests on, of this type. */
  things(type: string): string[] {
    const { place } = this.finding.verdict;
    const about = [
      place.ref,
      ...place.related,
      ...this.finding.outcome.facts.map((one) => one.about),
    ];
    const things = about.map((ref) => splitRef(ref).thing);
    return [...new Set(things)].filter(
      (id) => this.reader.inspection.things.get(id)?.type === type,
    );
  }
}
