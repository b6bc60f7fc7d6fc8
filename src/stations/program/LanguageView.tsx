import { hasProgrammingCode, toLeaflet, type KeypadLanguage } from '#core/keypads/index';
import type { Device } from '#core/plan/index';
import { DEED_WORDS, RULE_WORDS, TIME_WORDS } from '#words/language';
import { replyWords, REPLY_NAMES, resetWords } from '#words/keypad';
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
    ['Codes', `${lengthText(language.code)} digits`],
    ...(hasProgrammingCode(language)
      ? [
          [
            'Programming code',
            `${lengthText(language.programming)} digits, ${language.factoryCode} when new`,
          ] as const,
        ]
      : []),
    ...(language.screen
      ? [
          [
            'Its menu',
            'is open to anybody until somebody administers, and to administrators from then on',
          ] as const,
        ]
      : []),
    [
      'Holds',
      slots
        ? `slots ${String(slots.first).padStart(slots.digits, '0')} to ${String(slots.last).padStart(slots.digits, '0')}`
        : `a list of ${capacity}`,
    ],
    [
      'Silence',
      `${language.timeoutMs / 1000} s, then ${language.timeoutLoses === 'line' ? 'the unfinished line is lost' : 'all since programming began is lost'}`,
    ],
    ...(lockout.tries > 0
      ? [['Wrong codes', `${lockout.tries} in a row, then locked for ${lockout.ms / 1000} s`] as const]
      : []),
    ...(language.rules.length > 0
      ? [['A code', language.rules.map((rule) => RULE_WORDS[rule]).join('; ')] as const]
      : []),
    ...(language.reserved.length > 0 ? [['Kept for itself', language.reserved.join(', ')] as const] : []),
  ];
  return (
    <section className={css['language']} aria-label={`How ${keypad.tag} is programmed`}>
      <h2>{language.name}</h2>
      <p className={css['note']}>
        {own
          ? `Described for this site, version ${own.version}. It is changed at Types, Keypad languages.`
          : 'Comes with Aldaba, and is invented. A keypad of another make is described at Types, Keypad languages, from its leaflet.'}
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
        <caption className="hush">What is keyed for what</caption>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Keys</th>
            <th scope="col">It answers</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">A code at the door</th>
            <td className={cx(table['figures'], css['keys'])}>{leaflet.entry}</td>
            <td>{replyWords(language.replies.opened)}</td>
          </tr>
          {leaflet.modes.flatMap((mode, index) => [
            <tr key={`${mode.id} in`}>
              <th scope="row">
                {language.screen ? `Into “${pathOf(language, mode.id)}”` : `Into ${mode.id}`}
              </th>
              <td className={cx(table['figures'], css['keys'])}>
                {[mode.enter || 'chosen', ...mode.as.map((way) => `as an administrator ${way}`)].join('; ')}
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
                    command.output ? `output ${command.output}` : '',
                    command.toggle ? 'stays until it is given again' : '',
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
                    <th scope="row">Out of {mode.id}</th>
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
