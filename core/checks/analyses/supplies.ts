import { type Analysis, violation, type Violation } from '../violation';

/** Spare capacity and battery hours of every supply. */
export const supplies: Analysis<'budget'> = ({ budget }) =>
  budget.supplies.flatMap((supply): Violation[] => {
    const at = [{ kind: 'device', id: supply.device } as const];
    const findings: Violation[] = [];
    if (supply.worstAmps > supply.allowedAmps) {
      const values = {
        tag: supply.tag,
        measured: supply.worstAmps,
        limit: supply.allowedAmps,
        rated: supply.ratedAmps,
      };
      findings.push(violation('headroom', at, values));
    }
    const { battery } = supply;
    if (!battery) return [...findings, violation('no-battery', at, { tag: supply.tag })];
    // With nothing on it there is nothing to judge: it would last for ever. Nor where no current is one.
    if (supply.isUnsettled || !Number.isFinite(battery.hours)) return findings;
    const values = { tag: supply.tag, measured: battery.hours, limit: battery.askedHours };
    const short = battery.hours < battery.askedHours;
    findings.push(violation(short ? 'battery-short' : 'battery-sound', at, values));
    return findings;
  });
