import { COLOUR_ROLES, colourFor, DEFAULT_COLOURS } from '#core/plan/index';
import { COLOURS, COLOUR_CODES, type ColourCode } from '#core/units/index';
import { COLOUR_NAMES, ROLE_LABELS } from '#words/colours';
import { say } from '#words/sitePages/site/ColourScheme';
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
    <section className={css['card']} aria-label={say.coloursOfWires}>
      <h2>{say.coloursOfWires}</h2>
      <p>{say.aldabaLaysNowTakes}</p>
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
                    say.changeAColour,
                  )
                }
              >
                {COLOUR_CODES.map((one) => (
                  <option key={one} value={one}>
                    {one} {COLOUR_NAMES[one]}
                    {one === DEFAULT_COLOURS[role] ? say.usual : ''}
                  </option>
                ))}
              </SelectField>
            </div>
          );
        })}
      </div>
      <Button
        disabled={!own}
        onClick={() => dispatch({ kind: 'setSite', patch: { colours: {} } }, say.usualColours)}
      >
        {say.backToTheUsualColours}
      </Button>
    </section>
  );
}
