'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import type { PointerEvent } from 'react';
import { parse } from 'csv-parse/browser/esm/sync';
import { scaleSequential } from 'd3-scale';
import { interpolateInferno } from 'd3-scale-chromatic';
import { drawPanel } from '@/core';
import { observe } from '@/core/fieldwork/recording/draft';
import { tooLong } from '../primitives/csv';
import type { ThermalGrid } from '@/core/show/thermal/grid';
import { gridOf } from '@/core/show/thermal/grid';
import type { Spot } from '@/core/show/thermal/map';
import { onPicture } from '@/core/show/thermal/map';
import {
  canCorners,
  terminalSpots,
  terminalTemperatures,
} from '@/core/show/thermal/terminal-spots';
import { useBook } from '../Book/context';
import { askText } from '@/client/http';

/** A thermal picture laid over the panel by two tapped corners; its temperatures become readings. */
export function Thermal() {
  const { state, panel, inspection, actions } = useBook();
  const { site } = state.assessment;
  const [grid, setGrid] = useState<ThermalGrid>();
  const [fault, setFault] = useState<string>();
  const [taps, setTaps] = useState<Spot[]>([]);
  const { geometry } = useMemo(() => drawPanel(panel, site), [panel, site]);
  const read = (text: string) => {
    const trouble = tooLong(text);
    if (trouble) return setFault(trouble);
    let rows: string[][];
    try {
      rows = parse(text, {
        bom: true,
        delimiter: [',', ';', '\t'],
        relax_column_count: true,
        skip_empty_lines: true,
      }) as string[][];
    } catch (error) {
      setFault(error instanceof Error ? error.message : 'not a table');
      return;
    }
    const answer = gridOf(rows);
    setFault(answer.ok ? undefined : answer.fault);
    setGrid(answer.ok ? answer.grid : undefined);
    setTaps([]);
  };
  const take = async () => {
    const query = new URLSearchParams({ panel: panel.id });
    const answer = await askText(`/inspections/${inspection}/thermal.csv?${query}`);
    if (answer.ok) read(answer.value);
    else setFault('The stand-in camera does not answer: it needs the connection.');
  };
  const [first, second] = taps;
  const corners = first &&
    second && { picture: [first, second] as [Spot, Spot], drawing: canCorners(geometry) };
  const temperatures = grid && corners ? terminalTemperatures(grid, corners, panel, geometry) : [];
  const screws = corners
    ? terminalSpots(panel, geometry).map(({ spot }) => onPicture(corners, spot))
    : noSpots;
  const camera = [...site.reader.inspection.things.values()].find(
    ({ id, type }) =>
      type === 'instrument' &&
      !site.reader.value(id, 'removed') &&
      site.reader.value(id, 'instrumentKind') === 'camera',
  );
  const record = () =>
    actions.record(() =>
      temperatures.map(({ terminal, c }) => {
        const facts = { temperatureC: c, ...(camera && { takenWith: camera.id }) };
        return observe(site.reader, terminal.ref, facts, 'measured');
      }),
    );
  const hottest = [...temperatures].sort((a, b) => b.c - a.c).slice(0, 4);
  return (
    <section className="border-line mb-4 border p-3" aria-label="Thermal picture">
      <div className="flex flex-wrap items-center gap-2">
        <button className="act" onClick={() => void take()}>
          Take a picture with the stand-in
        </button>
        <label className="act cursor-pointer">
          Load a table of °C
          <input
            type="file"
            accept=".csv,.txt,text/csv"
            className="sr-only"
            onChange={(event) => void event.target.files?.[0]?.text().then(read)}
          />
        </label>
      </div>
      {fault && (
        <p role="alert" className="text-danger mt-2 font-semibold">
          {fault}
        </p>
      )}
      {grid && (
        <div className="mt-3 grid gap-4 md:grid-cols-[auto_1fr]">
          <Picture
            grid={grid}
            taps={taps}
            screws={screws}
            tap={(spot) => setTaps(taps.length >= 2 ? [spot] : [...taps, spot])}
          />
          <div>
            <p>
              {taps.length === 0 && 'Tap the upper left corner of the enclosure on the picture.'}
              {taps.length === 1 && 'Now its lower right corner.'}
              {taps.length === 2 &&
                `${temperatures.length} screws found, ${grid.leastC} to ${grid.mostC} °C on the picture.`}
            </p>
            {taps.length < 2 && (
              <button
                className="act mt-2"
                onClick={() =>
                  setTaps([
                    { x: grid.width * 0.05, y: grid.width * 0.05 },
                    { x: grid.width * 0.95, y: grid.height - grid.width * 0.05 },
                  ])
                }
              >
                The enclosure fills the picture
              </button>
            )}
            {temperatures.length > 0 && (
              <>
                <ul className="mt-2">
                  {hottest.map(({ terminal, c }) => (
                    <li key={terminal.ref}>
                      <strong>{c} °C</strong> at {terminal.label}
                    </li>
                  ))}
                </ul>
                <button className="act act-main mt-2" onClick={() => void record()}>
                  Record these temperatures
                </button>
                <p className="text-ink2 mt-1">
                  Like parts are compared where their currents are recorded.
                </p>
              </>
            )}
          </div>
        </div>
      )}
    </section>
  );
}

const noSpots: Spot[] = [];

/** Screen pixels of one point of the picture. */
const zoom = 2;

function Picture({
  grid,
  taps,
  screws,
  tap,
}: {
  grid: ThermalGrid;
  taps: readonly Spot[];
  /** Where the screws of the breakers lie on it. */
  screws: readonly Spot[];
  tap(spot: Spot): void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const colour = useMemo(
    () => scaleSequential(interpolateInferno).domain([grid.leastC, grid.mostC]),
    [grid],
  );
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    for (let row = 0; row < grid.height; row += 1)
      for (let column = 0; column < grid.width; column += 1) {
        context.fillStyle = colour(grid.cells[row * grid.width + column]!);
        context.fillRect(column * zoom, row * zoom, zoom, zoom);
      }
    context.strokeStyle = '#ffffff';
    context.lineWidth = 1;
    for (const { x, y } of screws) context.strokeRect(x * zoom - 3, y * zoom - 3, 6, 6);
    for (const { x, y } of taps) {
      context.beginPath();
      context.arc(x * zoom, y * zoom, 8, 0, 2 * Math.PI);
      context.stroke();
    }
  }, [grid, colour, taps, screws]);
  const onPointerDown = (event: PointerEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    tap({
      x: ((event.clientX - box.left) / box.width) * grid.width,
      y: ((event.clientY - box.top) / box.height) * grid.height,
    });
  };
  const steps = Array.from(
    { length: 5 },
    (_, i) => grid.mostC - (i * (grid.mostC - grid.leastC)) / 4,
  );
  return (
    <div className="flex gap-2">
      <canvas
        ref={canvas}
        width={grid.width * zoom}
        height={grid.height * zoom}
        className="max-w-full cursor-crosshair"
        role="img"
        aria-label={`Thermal picture, ${grid.leastC} to ${grid.mostC} °C`}
        onPointerDown={onPointerDown}
      />
      <ol className="text-caption flex flex-col justify-between" aria-label="Scale">
        {steps.map((c) => (
          <li key={c} className="flex items-center gap-1">
            <span className="border-line size-3 border" style={{ background: colour(c) }} />
            {c.toFixed(0)} °C
          </li>
        ))}
      </ol>
    </div>
  );
}
