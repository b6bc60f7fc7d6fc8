import { hasProgrammingCode, toLeaflet, type KeypadLanguage } from '#core/keypads/index';
import type { Device } from '#core/plan/index';
import { DEED_WORDS, RULE_WORDS, TIME_WORDS } from '#words/language';
import { replyWords, REPLY_NAMES, resetWords } from '#words/keypad';
import { say } from '#words/stations/program/LanguageView';
import { lengthText } from '../../parts/leaflet/leafletTexts';
import { cx } from '../../ui/cx';
import { useSite } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from './LanguageView.module.css';

/** How a keypad is programmed, to look up: what is keyed for what, what it answers, what it takes. */
export function LanguageView({ keypad, language }: { keypad: Device; language: KeypadLanguage }) {
  const { plan } = useSite();
  const leaflet = toLeaflet(language, language.id, language.name);
  const own = plan.languages[language.id];
  const { slots, capacity, lockout } = language;
  const facts: readonly (readonly [string, string])[] = [
    [say.codes, say.digits(lengthText(language.code))],
    ...(hasProgrammingCode(language)
      ? [
          [
            say.programmingCode,
            say.digitsWhenNew(lengthText(language.programming), language.factoryCode),
          ] as const,
        ]
      : []),
    ...(language.screen ? [[say.itsMenu, say.openAnybodyUntilSomebody] as const] : []),
    [
      say.holds,
      slots
        ? say.slotsTo(
            String(slots.first).padStart(slots.digits, '0'),
            String(slots.last).padStart(slots.digits, '0'),
          )
        : say.aListOf(capacity),
    ],
    [say.silence, say.sThen(language.timeoutMs / 1000, language.timeoutLoses === 'line')],
    ...(lockout.tries > 0
      ? [[say.wrongCodes, say.rowThenLockedS(lockout.tries, lockout.ms / 1000)] as const]
      : []),
    ...(language.rules.length > 0
      ? [[say.aCode, language.rules.map((rule) => RULE_WORDS[rule]).join('; ')] as const]
      : []),
    ...(language.reserved.length > 0 ? [[say.keptForItself, language.reserved.join(', ')] as const] : []),
  ];
  return (
    <section className={css['language']} aria-label={say.howIsProgrammed(keypad.tag)}>
      <h2>{language.name}</h2>
      <p className={css['note']}>
        {own ? say.describedSiteVersionChanged(own.version) : say.comesAldabaInventedKeypad}
      </p>
      <dl>
        {facts.map(([term, said]) => (
          <div key={term}>
            <dt>{term}</dt>
            <dd>{said}</dd>
          </div>
        ))}
      </dl>
      <table className={table['table']}>
        <caption className="hush">{say.whatIsKeyedForWhat}</caption>
        <thead>
          <tr>
            <th scope="col">{say.what}</th>
            <th scope="col">{say.keys}</th>
            <th scope="col">{say.itAnswers}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">{say.aCodeAtTheDoor}</th>
            <td className={cx(table['figures'], css['keys'])}>{leaflet.entry}</td>
            <td>{replyWords(language.replies.opened)}</td>
          </tr>
          {leaflet.modes.flatMap((mode, index) => [
            <tr key={`${mode.id} in`}>
              <th scope="row">
                {language.screen ? say.into(pathOf(language, mode.id)) : say.into2(mode.id)}
              </th>
              <td className={cx(table['figures'], css['keys'])}>
                {[mode.enter || 'chosen', ...mode.as.map((way) => say.asAnAdministrator(way))].join('; ')}
              </td>
              <td>{replyWords(language.replies.programming)}</td>
            </tr>,
            ...mode.commands.map((command, at) => (
              <tr key={`${mode.id} ${at}`}>
                <th scope="row">
                  {[
                    command.title
                      ? `“${command.title}”: ${DEED_WORDS[command.does]}`
                      : DEED_WORDS[command.does],
                    command.does === 'set-time' ? (TIME_WORDS[command.time ?? 'unlock'] ?? command.time) : '',
                    command.output ? say.output(command.output) : '',
                    command.toggle ? say.staysUntilGivenAgain : '',
                  ]
                    .filter(Boolean)
                    .join(', ')}
                </th>
                <td className={cx(table['figures'], css['keys'])}>{command.strokes}</td>
                <td>{replyWords(language.modes[index]?.commands[at]?.answer ?? language.replies.stored)}</td>
              </tr>
            )),
            ...(language.screen
              ? []
              : [
                  <tr key={`${mode.id} out`}>
                    <th scope="row">{say.outOf(mode.id)}</th>
                    <td className={cx(table['figures'], css['keys'])}>{mode.leave}</td>
                    <td>{replyWords(language.replies.left)}</td>
                  </tr>,
                ]),
          ])}
        </tbody>
      </table>
      <p className={css['note']}>
        {(['refused', 'timed-out', 'locked-out'] as const)
          .map((reply) => `${REPLY_NAMES[reply]}: ${replyWords(language.replies[reply])}`)
          .join('. ')}
        .
      </p>
      {language.resets.map((reset) => (
        <p key={reset.how} className={css['note']}>
          {resetWords(reset)}
        </p>
      ))}
    </section>
  );
}

/** A list of a menu with those above it: `Menu, People, Edit person`. */
function pathOf(language: KeypadLanguage, id: string): string {
  const mode = language.modes.find((one) => one.id === id);
  if (!mode) return '';
  const above = pathOf(language, mode.from);
  return above === '' ? mode.title : `${above}, ${mode.title}`;
}
