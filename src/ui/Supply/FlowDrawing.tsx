import { namedFromV } from '@/core/model/simulation/flow';
import type { Flow, FlowWay } from '@/core/model/simulation/flow';
import { ampsWords, voltsWords } from '@/core/model/simulation/figures';
import type { PlacedFlow } from '@/core/model/simulation/lay-out-feeds';
import { layOutFeeds } from '@/core/model/simulation/lay-out-feeds';

const [pitchX, pitchY, boxW, boxH, pitchWay] = [300, 216, 232, 78, 44];

/** Wire colours of the trade: hots black, red and blue, neutral white, ground green, metal as metal. */
const colourOf = ({ kind, short }: FlowWay): string => {
  if (kind === 'neutral') return 'white';
  if (kind === 'ground') return 'green';
  if (kind === 'raceway') return 'aluminium';
  if (kind === 'pipe') return 'bare';
  return { A: 'black', B: 'red', C: 'blue' }[short] ?? 'black';
};

/** The supply with its currents: strokes as wide as the current, moving the way it goes, each with its figure. */
export function FlowDrawing({ flow, names }: { flow: Flow; names: ReadonlyMap<string, string> }) {
  const { placed, width, height } = layOutFeeds(flow.nodes);
  const size = { width: width * pitchX, height: (height - 1) * pitchY + boxH + 60 };
  return (
    <svg
      viewBox={`0 0 ${size.width} ${size.height}`}
      style={{ width: Math.min(size.width, 980), maxWidth: '100%' }}
      className="mx-auto mt-2 block"
      role="img"
      aria-label={describe(flow)}
    >
      {placed.map((spot) => spot.parent && <Ways key={`ways-${spot.id}`} spot={spot} />)}
      {placed.map((spot) => (
        <Box key={spot.id} spot={spot} name={names.get(spot.id) ?? 'Supply'} />
      ))}
    </svg>
  );
}

const at = ({ x, y }: PlacedFlow) => ({ x: x * pitchX + pitchX / 2, y: y * pitchY + 6 });

function Ways({ spot }: { spot: PlacedFlow }) {
  const ways = spot.node!.ways;
  const [from, to] = [at(spot.parent!), at(spot)];
  const top = from.y + boxH;
  return ways.map((way, index) => {
    const shift = (index - (ways.length - 1) / 2) * pitchWay;
    const x = to.x + shift;
    const turn = top + 22 + Math.abs(shift) * 0.12;
    const path =
      from.x === to.x
        ? `M${x} ${top}V${to.y}`
        : `M${from.x + shift * 0.6} ${top}V${turn}H${x}V${to.y}`;
    const wide = 2 + Math.min(8, Math.sqrt(way.amps) * 1.3);
    const colour = colourOf(way);
    const warn = way.touchable && way.amps >= 0.1;
    const label = to.y - 74;
    return (
      <g key={way.id}>
        {warn && (
          <path d={path} fill="none" stroke="var(--danger)" strokeWidth={wide + 8} opacity={0.28} />
        )}
        <path d={path} fill="none" stroke={`var(--d-wire-${colour}-edge)`} strokeWidth={wide + 2} />
        <path d={path} fill="none" stroke={`var(--d-wire-${colour})`} strokeWidth={wide} />
        {way.direction !== 'none' && (
          <path
            d={path}
            fill="none"
            stroke={colour === 'white' || colour === 'bare' ? '#172022' : '#ffffff'}
            strokeWidth={Math.max(1.4, wide * 0.4)}
            className={way.direction === 'out' ? 'flow-out' : 'flow-back'}
            style={{ animationDuration: `${Math.max(0.25, 3 / Math.sqrt(way.amps + 0.3))}s` }}
          />
        )}
        <rect
          x={x - 21}
          y={label - 13}
          width={42}
          height={warn ? 44 : 32}
          fill="var(--sheet)"
          stroke={warn ? 'var(--danger)' : 'var(--hair)'}
        />
        <text x={x} y={label} fontSize={11} textAnchor="middle" fill="var(--ink2)">
          {way.short}
        </text>
        <text
          x={x}
          y={label + 14}
          fontSize={12.5}
          fontWeight={700}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {ampsWords(way.amps)}
        </text>
        {warn && (
          <text
            x={x}
            y={label + 27}
            fontSize={10}
            fontWeight={700}
            textAnchor="middle"
            fill="var(--danger)"
          >
            touched
          </text>
        )}
      </g>
    );
  });
}

function Box({ spot, name }: { spot: PlacedFlow; name: string }) {
  const { x, y } = at(spot);
  const { node } = spot;
  const live = node?.touchV !== undefined && node.touchV > namedFromV;
  return (
    <g>
      <rect
        x={x - boxW / 2}
        y={y}
        width={boxW}
        height={boxH}
        rx={2}
        fill="var(--app)"
        stroke={live ? 'var(--danger)' : 'var(--ink)'}
        strokeWidth={live ? 4 : 1.2}
      />
      {live && (
        <text
          x={x}
          y={y - 8}
          fontSize={12}
          fontWeight={700}
          textAnchor="middle"
          fill="var(--danger)"
          stroke="var(--sheet)"
          strokeWidth={8}
          strokeLinejoin="round"
          paintOrder="stroke"
        >
          {`touching it: ${voltsWords(node.touchV!)} to earth`}
        </text>
      )}
      <text x={x} y={y + 20} fontSize={14} fontWeight={700} textAnchor="middle" fill="var(--ink)">
        {name}
      </text>
      {node ? (
        <>
          <text x={x} y={y + 40} fontSize={12} textAnchor="middle" fill="var(--ink)">
            {node.legV
              .map(({ leg, volts }) =>
                volts === undefined ? `${leg}–N no path back` : `${leg}–N ${voltsWords(volts)}`,
              )
              .join(' · ')}
          </text>
          <text x={x} y={y + 57} fontSize={12} textAnchor="middle" fill="var(--ink2)">
            {node.neutralGroundV === undefined
              ? 'enclosure has no way back'
              : `N–ground ${voltsWords(node.neutralGroundV)}`}
            {node.touchV !== undefined &&
              node.touchV >= 0.05 &&
              ` · to earth ${voltsWords(node.touchV)}`}
          </text>
          <text x={x} y={y + 72} fontSize={11} textAnchor="middle" fill="var(--ink2)">
            {node.bondA === undefined
              ? 'neutral kept apart'
              : `neutral joined here: ${ampsWords(node.bondA)}`}
            {node.electrodeA !== undefined && ` · earth ${ampsWords(node.electrodeA)}`}
          </text>
        </>
      ) : (
        <text x={x} y={y + 42} fontSize={12} textAnchor="middle" fill="var(--ink2)">
          the utility’s side
        </text>
      )}
    </g>
  );
}

const describe = ({ nodes }: Flow) =>
  nodes
    .map(
      ({ feed, ways }) =>
        `${feed.name}: ${ways.map(({ short, amps }) => `${short} ${ampsWords(amps)}`).join(', ')}`,
    )
    .join('; ');
