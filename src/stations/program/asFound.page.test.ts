import { expect, openDoor, ownCopy, test, verdicts } from '../../testing/page';
const FOUND = `PS1\tsupply-12v
K1\tkeypad-slots
L1\tstrike-fail-secure
X1\texit-button
PS1.+V\tK1.+12\tRD\t0.5\t14m
K1.0V\tPS1.0V\tBK\t0.5\t14m
PS1.+V\tK1.COM\tRD\t1.0\t14m
K1.NC\tL1.+\tRD\t1.0\t3m
L1.-\tPS1.0V\tBK\t1.0\t16m
K1.PUSH\tX1.C\tYE\t0.22\t3m
X1.NO\tK1.GG\tGN\t0.22\t3m`;

test('an installation is pasted as found, with loops and verdicts at once', async ({ page }) => {
  const site = await ownCopy(page, 'D04', 'D05', 'D08');
  await openDoor(page, 'D08', 'wire', site);
  await page.getByRole('button', { name: 'Enter it as found' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Wires as found').fill(FOUND);
  await expect(dialog.getByText('4 devices added, 6 wires added')).toBeVisible();
  await expect(dialog.getByText('1 row cannot be read and stay here')).toBeVisible();
  await expect(dialog.getByText('“K1.GG” is not a terminal')).toBeVisible();
  await dialog.getByRole('button', { name: 'Import it' }).click();
  // What could not be read is still there, to be put right.
  await expect(dialog.getByLabel('Wires as found')).toHaveValue(/^X1\.NO K1\.GG/);
  await dialog.getByLabel('Wires as found').fill('X1.NO K1.G GN 0.22 3m');
  await dialog.getByRole('button', { name: 'Import it' }).click();
  await expect(page.locator('[data-loop="lock-power"]')).toBeVisible();
  await expect(verdicts(page)).toContainText('K1 is on NC: the lock works inverted');
  await verdicts(page)
    .getByRole('button', { name: /^Move W\d+ to NO$/ })
    .click();
  await expect(verdicts(page).getByText('K1 is on NC: the lock works inverted')).toHaveCount(0);
});

const GERMAN = `Tür;Ader;von;nach;Farbe;Querschnitt;Länge m
D05;A1;K1.NC;L1.+;rot;0,75;1,5
D05;A2;K1:NC;Netzteil PS1.0V;grün-gelb;0,75;3
D04;A3;K1.NC;L1.+;blau;1,5;12
Archiv;A4;K1.NC;L1.+;rot;0,75;3
D05;A5;K9.COM;L1.+;rot;0,75;3
D05;A6;K1.ZZ;L1.+;rot;0,75;3
D05;A7;K1.NC;L1.+;bunt;0,75;3
D05;A8;K1.NC;L1.+;rot;0,7x;3
D05;A9;K1.NC;L1.+;rot;0,75;12 V
D05;;K1.NC;L1.+;rot;0,75;3
D05;A11;K1.NC;K1.NC;rot;0,75;3
D05;A12;K1.NC;;rot;0,75;3`;

test('a German spreadsheet is shown as it was read, each trap is named, and what is certain is taken', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D05');
  await openDoor(page, 'D05', 'wire', site);
  await page.getByRole('tab', { name: 'Wire list' }).click();
  await page.getByRole('button', { name: 'Import a table' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Wires as found').fill(GERMAN);
  await expect(dialog.getByLabel('Figures are written')).toHaveValue('');
  await expect(dialog.getByText('As the table tells: 0,75')).toBeAttached();
  const row = (line: number) =>
    dialog.getByRole('row').filter({ has: page.getByRole('cell', { name: String(line), exact: true }) });
  await expect(row(2)).toContainText('RD');
  await expect(row(2)).toContainText('0.75 mm²');
  await expect(row(2)).toContainText('1.5 m');
  await expect(row(5)).toContainText('There is no door “Archiv” here.');
  await expect(row(10)).toContainText('12 V');
  await expect(row(10)).toContainText('a voltage');
  await expect(dialog.getByText(/rows cannot be read and stay here/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Import it' }).click();
  await expect(dialog.getByLabel('Wires as found')).toHaveValue(/Archiv/);
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Length of A1, m')).toHaveValue('1.5');
});

test('a CSV of the door comes back unchanged, and a change in it is told before it is made', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D05');
  await openDoor(page, 'D05', 'wire', site);
  const csv = await (
    await page.request.get(new URL(`/api/sites/${site}/wires.csv?door=D05`, page.url()).href)
  ).text();
  await page.getByRole('tab', { name: 'Wire list' }).click();
  await page.getByRole('button', { name: 'Import a table' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Wires as found').fill(csv);
  await expect(dialog.getByText('9 wires as they are')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Import it' })).toBeDisabled();
  await dialog.getByLabel('Wires as found').fill(csv.replace('K1.NO,L1.+', 'K1.NC,L1.+'));
  await expect(dialog.getByText('changes W02: from K1.NC')).toBeVisible();
  await dialog.getByRole('button', { name: 'Import it' }).click();
  await expect(verdicts(page)).toContainText('K1 is on NC: the lock works inverted');
});

test('another wiring method rewires what Aldaba wired, and says what changes', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'wire', site);
  await page.getByRole('button', { name: 'Wire it' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('Leaves 18 wires as they are.')).toBeVisible();
  await dialog.getByLabel('Switched leg').selectOption('minus');
  await expect(dialog.getByText(/^Removes \d+ wires, adds \d+ wires/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Add the wires' }).click();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
  await expect(page.getByRole('button', { name: /PS1\.0V to F1\.C|F1\.C to PS1\.0V/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^W01, red, PS1\.\+V to F1\.C/ })).toBeVisible();
});
