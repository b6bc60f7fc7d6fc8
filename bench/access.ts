import { addDays, changesAt, concerns, mayOpen, opensOn, weekOfPerson } from '#core/access/index';
import { naivelyOpens } from '#core/access/naivelyOpens';
import { peopleCsv } from '#core/formats/table/peopleCsv';
import { readPeopleRows } from '#core/formats/table/peopleRows';
import { applyEdit, type Plan } from '#core/plan/index';
import { drawnBy, siteWithAccess } from '../core/specimens/access';

/** Who opens what when on a site of 2000 people and 100 doors: a year of questions, weeks, and the list taken in. */
export function benchAccess(): void {
  const plan = siteWithAccess(2026, { doors: 100, people: 2000, levels: 12 });
  const [people, doors] = [Object.values(plan.people), Object.values(plan.doors)];
  const draw = drawnBy(7);
  const moments = Array.from({ length: 20_000 }, () => ({
    person: people[draw(people.length)]!,
    door: doors[draw(doors.length)]!,
    at: { day: addDays('2026-01-01', draw(365)), minute: draw(1440) },
  }));
  const timed = <T>(run: () => T): [T, number] => {
    const start = performance.now();
    return [run(), performance.now() - start];
  };
  const [fast, quick] = timed(() =>
    moments.map(({ person, door, at }) => mayOpen(plan, person, door, at).opens),
  );
  const [slow, long] = timed(() =>
    moments.map(({ person, door, at }) => naivelyOpens(plan, person, door, at)),
  );
  const differ = fast.filter((opens, index) => opens !== slow[index]).length;
  console.log(
    `access, 2000 people, 100 doors, 20000 moments of a year: ${(20_000 / quick).toFixed(0)} answers/ms, twin ${(20_000 / long).toFixed(0)}, ${differ} differ`,
  );
  const weeks = people
    .slice(0, 100)
    .map((person) => timed(() => weekOfPerson(plan, person, '2026-11-23'))[1]);
  const [, year] = timed(() => {
    for (const door of doors)
      for (let ahead = 0; ahead < 365; ahead += 1)
        opensOn(plan, people[0]!, door, addDays('2026-01-01', ahead));
  });
  const [, next] = timed(() => changesAt(plan, people[0]!, doors[0]!, { day: '2026-11-23', minute: 0 }));
  const [found, looked] = timed(() => concerns(plan, '2026-11-23'));
  console.log(
    `a person's week: at most ${Math.max(...weeks).toFixed(1)} ms; a year of 100 doors ${year.toFixed(0)} ms; next change ${next.toFixed(1)} ms; ${found.length} things to look at in ${looked.toFixed(0)} ms`,
  );
  importList(plan, timed);
}

function importList(plan: Plan, timed: <T>(run: () => T) => [T, number]): void {
  const text = peopleCsv(plan, { codes: true })
    .replace(/^\uFEFFid,/, '')
    .replace(/\r\nP\d+,/g, '\r\n');
  const [read, previewed] = timed(() => readPeopleRows({ ...plan, people: {} }, text));
  const [result, applied] = timed(() => read.edit && applyEdit({ ...plan, people: {} }, read.edit));
  const count = result?.ok ? Object.keys(result.plan.people).length : 0;
  console.log(
    `a list of ${count} people: shown in ${previewed.toFixed(0)} ms, taken in in ${applied.toFixed(0)} ms`,
  );
}
