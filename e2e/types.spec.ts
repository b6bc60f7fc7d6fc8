import { expect, test } from '@playwright/test';
import { api, ownCopy, ready, saved } from './help';
import { DEMO } from './servers';

test('a type is read from JSON, and a wrong file is refused with its reasons', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await page.goto(`${DEMO.url}/s/${site}/types`);
  await ready(page);
  const file = page.getByLabel('Read a type from JSON');
  await file.setInputFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"id":"x"}'),
  });
  await expect(page.getByRole('alert')).toContainText('That file was not imported; nothing was changed.');
  const type = {
    id: 'garden-bell@1',
    version: 1,
    family: 'sounder',
    name: 'Garden bell',
    short: 'bell',
    description: '',
    tagPrefix: 'B',
    place: 'outside',
    terminals: [
      { id: '1', maxConductors: 1, use: 'needed' },
      { id: '2', maxConductors: 1, use: 'needed' },
    ],
    parts: [{ kind: 'resistor', id: 'coil', a: '1', b: '2', ohms: 40 }],
    settings: [],
    functions: [],
    roles: {},
    ip: 'IP54',
    symbol: 'chime',
  };
  await file.setInputFiles({
    name: 'bell.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(type)),
  });
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Garden bell');
  await page.getByRole('button', { name: 'Save as version 1' }).click();
  await expect(page.getByText('Garden bell')).toBeVisible();
});

test('a bank of DIP switches is described, drawn as it stands, and its forbidden pair kept', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D02');
  await page.goto(`${DEMO.url}/s/${site}/types`);
  await ready(page);
  await page.getByLabel('Duplicate from the library').selectOption('controller-1-menu');
  await page.getByLabel('Name', { exact: true }).fill('Bench controller');
  const banks = page.getByRole('region', { name: 'DIP switches' });
  await banks.getByRole('button', { name: 'Bank' }).click();
  const bank = banks.getByRole('group', { name: 'Bank S1' });
  await bank.getByLabel('say').selectOption('in1');
  await bank.getByLabel('rows, first bit first').fill('2 3 4 5');
  // Seven values of the menu in four rows; as delivered it is an exit: the second value.
  await expect(bank.getByRole('img')).toHaveAttribute('aria-label', 'S1 as delivered: 2 on');
  await bank.getByLabel('Pattern for exit, 1 for on').fill('0011');
  await expect(bank.getByRole('img')).toHaveAttribute('aria-label', 'S1 as delivered: 4, 5 on');
  await bank.getByRole('button', { name: 'Rows for another setting' }).click();
  await bank
    .getByRole('group', { name: /^Rows of/ })
    .nth(1)
    .getByLabel('say')
    .selectOption('in2');
  await bank.getByLabel('One value').selectOption('in1 = exit');
  await bank.getByLabel('and another').selectOption('in2 = exit');
  await bank.getByRole('button', { name: 'Forbid it' }).click();
  await expect(bank).toContainText('Never in1 = exit with in2 = exit');
  await page.getByRole('button', { name: 'Save as version 1' }).click();
  await expect(page.getByText('Bench controller')).toBeVisible();
  await saved(page);
  const file = (await (await page.request.get(api(site, '/export.json'))).json()) as {
    types: { name: string; banks?: { id: string; forbidden?: object[] }[] }[];
  };
  expect(file.types.find(({ name }) => name === 'Bench controller')?.banks).toMatchObject([
    { id: 'S1', forbidden: [{ in1: 'exit', in2: 'exit' }] },
  ]);
});
