import { LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import type { BatteryPoint } from '#core/power/index';
import { say } from '#words/stations/power/BatteryChart';

register([LineChart, GridComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

interface Props {
  readonly points: readonly BatteryPoint[];
  readonly needsVolts: number;
  readonly tag: string;
}

const token = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** Voltage at the lock over hours on battery, against what it needs. */
export function BatteryChart({ points, needsVolts, tag }: Props) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!box.current) return;
    const chart = init(box.current, null, { renderer: 'svg', height: 190 });
    const ink = token('--ink-2');
    const line = { lineStyle: { color: token('--line') } };
    const text = { color: ink, fontFamily: 'Archivo Variable, sans-serif', fontSize: 12 };
    const volts = points.map((point) => point.volts);
    const shown = points.filter((point) => point.volts > 0.5);
    chart.setOption({
      animation: false,
      grid: { left: 46, right: 16, top: 24, bottom: 34 },
      tooltip: {
        trigger: 'axis',
        valueFormatter: (value: number) => `${Number(value).toFixed(2)} V`,
        backgroundColor: token('--sheet'),
        textStyle: { color: token('--ink') },
      },
      xAxis: {
        type: 'value',
        name: say.hoursOnBattery,
        nameLocation: 'middle',
        nameGap: 22,
        nameTextStyle: text,
        axisLabel: text,
        splitLine: line,
        max: Math.ceil(points.at(-1)?.hours ?? 1),
      },
      yAxis: {
        type: 'value',
        name: say.vAt(tag),
        nameTextStyle: { ...text, align: 'left' },
        axisLabel: text,
        splitLine: line,
        min: Math.floor(Math.min(needsVolts, ...volts.filter((v) => v > 0.5)) - 0.5),
        max: Math.ceil(Math.max(...volts)),
      },
      series: [
        {
          type: 'line',
          showSymbol: false,
          data: shown.map((point) => [point.hours, point.volts]),
          lineStyle: { color: token('--brass'), width: 2.5 },
          itemStyle: { color: token('--brass') },
          markLine: {
            symbol: 'none',
            silent: true,
            lineStyle: { color: token('--fault'), type: 'dashed' },
            label: {
              formatter: say.needsV(needsVolts.toFixed(1)),
              color: token('--fault'),
              position: 'insideStartTop',
            },
            data: [{ yAxis: needsVolts }],
          },
        },
      ],
    });
    const observer = new ResizeObserver(() => chart.resize());
    observer.observe(box.current);
    return () => {
      observer.disconnect();
      chart.dispose();
    };
  }, [points, needsVolts, tag]);
  const last = points.at(-1);
  return (
    <div
      ref={box}
      role="img"
      aria-label={say.voltageBatteryVEnd(tag, points[0]?.volts.toFixed(2), last?.hours)}
    />
  );
}
