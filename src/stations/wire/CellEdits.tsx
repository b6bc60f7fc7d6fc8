import { useState } from 'react';
import type { Conductor } from '#core/plan/index';
import {
  COLOURS,
  COLOUR_CODES,
  formatGauge,
  metres,
  type ColourCode,
  type Gauge,
  type LengthUnit,
  sizesFor,
  type MeasureSystem,
} from '#core/units/index';
import { COLOUR_NAMES } from '#words/colours';
import { say } from '#words/stations/wire/CellEdits';
import { Assumed } from '../../ui/Assumed';
import { LengthInput } from '../../ui/LengthInput';
import { useDispatch, usePlan } from '../../store/context';
import css from './CellEdits.module.css';

/** Cells of a wire table that are changed in place: each edit is one undo. */

export const gaugeChoices = (system: MeasureSystem, own?: Gauge): readonly Gauge[] => {
  const all = sizesFor(system);
  return own && !all.includes(own) ? [own, ...all] : all;
};

function usePatch(wire: Conductor) {
  const dispatch = useDispatch();
  return (patch: Partial<Omit<Conductor, 'id' | 'door'>>) =>
    dispatch({ kind: 'setConductor', id: wire.id, patch }, say.change(wire.number));
}

export function ColourEdit({ wire }: { wire: Conductor }) {
  const patch = usePatch(wire);
  return (
    <span className={css['colour']}>
      <i style={{ background: COLOURS[wire.colour].hex }} aria-hidden />
      <select
        aria-label={say.colourOf(wire.number)}
        className={css['cell']}
        value={wire.colour}
        onChange={(event) => patch({ colour: event.target.value as ColourCode })}
      >
        {COLOUR_CODES.map((code) => (
          <option key={code} value={code}>
            {code} {COLOUR_NAMES[code]}
          </option>
        ))}
      </select>
      {wire.assumed.includes('colour') && <Assumed />}
    </span>
  );
}

export function GaugeEdit({ wire }: { wire: Conductor }) {
  const { units } = usePlan().site;
  const patch = usePatch(wire);
  return (
    <>
      <select
        aria-label={say.sizeOf(wire.number)}
        className={css['cell']}
        value={wire.gauge}
        onChange={(event) => patch({ gauge: event.target.value as Gauge })}
      >
        {gaugeChoices(units, wire.gauge).map((gauge) => (
          <option key={gauge} value={gauge}>
            {formatGauge(gauge)}
          </option>
        ))}
      </select>
      {wire.assumed.includes('gauge') && <Assumed />}
    </>
  );
}

export function LengthEdit({ wire, unit }: { wire: Conductor; unit: LengthUnit }) {
  const patch = usePatch(wire);
  return (
    <LengthInput
      label={say.lengthOf(wire.number)}
      length={wire.length}
      unit={unit}
      assumed={wire.assumed.includes('length')}
      onKeep={(length) => patch({ length: metres(length) })}
    />
  );
}

export function TextEdit({ wire, field, label }: { wire: Conductor; field: 'cable'; label: string }) {
  const patch = usePatch(wire);
  const [draft, setDraft] = useState<string | null>(null);
  const keep = () => {
    const text = (draft ?? '').trim();
    if (draft !== null && text !== wire[field] && text.length <= 40) patch({ [field]: text });
    setDraft(null);
  };
  return (
    <input
      aria-label={say.of(label, wire.number)}
      className={css['cell']}
      size={8}
      value={draft ?? wire[field]}
      placeholder="—"
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') setDraft(null);
      }}
    />
  );
}
