import { COLOUR_ROLES, colourFor, DEFAULT_COLOURS } from '#core/plan/index';
import { COLOURS, COLOUR_CODES, type ColourCode } from '#core/units/index';
import { ROLE_LABELS } from '#words/colours';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { useDispatch, usePlan } from '../../store/context';
import css from './ColourScheme.module.css';

/** The colours of this site by what a conductor does; IEC 60757 codes. */
export function ColourScheme() {
  const { site } = usePlan();
  const dispatch = useDispatch();
  const own = Object.keys(site.colours).length > 0;
  return (
    <section className={css['card']} aria-label="Colours of wires">
      <h2>Colours of wires</h2>
      <p>
        What Aldaba lays from now on takes these colours (codes of IEC 60757). Wire a door again to give its
        wires the new ones; wires laid by hand stay as they are.
      </p>
      <div className={css['roles']}>
        {COLOUR_ROLES.map((role) => {
          const code = colourFor(site, role);
          return (
            <div key={role} className={css['role']}>
              <i style={{ background: COLOURS[code].hex }} aria-hidden />
              <SelectField
                label={ROLE_LABELS[role]}
                value={code}
                onChange={(event) =>
                  dispatch(
                    {
                      kind: 'setSite',
                      patch: { colours: { ...site.colours, [role]: event.target.value as ColourCode } },
                    },
                    'change a colour',
                  )
                }
              >
                {COLOUR_CODES.map((one) => (
                  <option key={one} value={one}>
                    {one} {COLOURS[one].name}
                    {one === DEFAULT_COLOURS[role] ? ', usual' : ''}
                  </option>
                ))}
              </SelectField>
            </div>
          );
        })}
      </div>
      <Button
        disabled={!own}
        onClick={() => dispatch({ kind: 'setSite', patch: { colours: {} } }, 'usual colours')}
      >
        Back to the usual colours
      </Button>
    </section>
  );
}
