import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Core has neither clock nor dice: both are arguments. */
const PURE_PROPERTIES = [
  { object: 'Date', property: 'now', message: 'Time is an argument.' },
  { object: 'Math', property: 'random', message: 'Chance is an argument.' },
];

/** What tries improvements on a copy builds on; rooms build on that as well. */
const PROTECTING = [
  'units',
  'loops',
  'devices',
  'plan',
  'door',
  'brief',
  'autowire',
  'simulate',
  'acts',
  'prove',
  'faults',
  'checks',
];

/**
 * Which way imports point inside core, from the ground up. A folder may import those before it and the ones
 * on its own level that it names; anything else is an error.
 */
const CORE_LAYERS = {
  units: [],
  fields: ['units'],
  leaflet: [],
  // Schemas and names stand below the devices; how they answer and what they offer above: see `FUNCTION_FILES`.
  functions: ['units', 'fields', 'devices', 'plan', 'circuit'],
  devices: ['units', 'fields', 'functions'],
  plan: ['units', 'fields', 'leaflet', 'cards', 'devices'],
  admission: ['units', 'fields', 'devices', 'plan'],
  door: ['functions', 'units', 'devices', 'plan'],
  circuit: ['units', 'devices', 'plan'],
  brief: ['units', 'devices', 'plan'],
  loops: ['units', 'devices', 'plan'],
  simulate: ['functions', 'units', 'devices', 'plan', 'circuit'],
  acts: ['functions', 'units', 'devices', 'plan', 'door', 'circuit', 'simulate'],
  prove: ['units', 'devices', 'plan', 'door', 'circuit', 'simulate', 'acts'],
  orders: ['functions', 'units', 'devices', 'plan', 'door', 'circuit', 'simulate', 'acts', 'prove'],
  power: ['units', 'devices', 'plan', 'door', 'circuit', 'simulate'],
  timing: ['units', 'devices', 'plan', 'door', 'simulate'],
  scenarios: ['units', 'devices', 'plan', 'door', 'circuit', 'simulate', 'prove', 'timing'],
  keypads: ['units', 'leaflet', 'cards', 'devices', 'plan'],
  access: ['fields', 'cards', 'devices', 'plan', 'door', 'keypads', 'reach'],
  cards: [],
  typebench: ['units', 'devices', 'plan', 'circuit', 'simulate'],
  intercom: ['units', 'devices', 'plan', 'door'],
  autowire: ['units', 'devices', 'plan', 'door', 'simulate', 'power', 'intercom'],
  regions: ['plan'],
  site: ['devices', 'plan', 'door'],
  bus: ['units', 'devices', 'plan', 'door'],
  schedule: ['units', 'devices', 'plan'],
  checks: [
    'functions',
    'regions',
    'acts',
    'units',
    'cards',
    'devices',
    'plan',
    'door',
    'circuit',
    'autowire',
    'brief',
    'loops',
    'simulate',
    'prove',
    'power',
    'timing',
    'scenarios',
    'keypads',
    'intercom',
    'bus',
  ],
  // A second reading of a door for the tests: it shares nothing with what proves but the dense solver.
  independent: ['units', 'devices', 'plan', 'circuit'],
  protect: PROTECTING,
  reach: [...PROTECTING, 'protect'],
  causes: [
    'units',
    'devices',
    'plan',
    'door',
    'circuit',
    'brief',
    'autowire',
    'intercom',
    'simulate',
    'prove',
    'checks',
  ],
  commission: [
    'units',
    'devices',
    'plan',
    'door',
    'circuit',
    'loops',
    'simulate',
    'prove',
    'timing',
    'checks',
  ],
  drawing: ['units', 'devices', 'plan', 'circuit', 'loops', 'simulate'],
  verdict: [
    'units',
    'devices',
    'plan',
    'door',
    'brief',
    'keypads',
    'power',
    'prove',
    'timing',
    'checks',
    'commission',
  ],
  formats: ['units', 'cards', 'devices', 'plan', 'admission', 'circuit', 'loops', 'drawing', 'access'],
  // Doors, mistakes and circuits to try the rest on: only tests, measurements and the demo's sweep look at them.
  specimens: [
    'units',
    'fields',
    'devices',
    'plan',
    'admission',
    'door',
    'circuit',
    'autowire',
    'brief',
    'intercom',
    'bus',
    'keypads',
    'simulate',
    'prove',
    'orders',
    'faults',
    'checks',
    'causes',
    'reach',
    'access',
    'independent',
  ],
};

const folders = Object.keys(CORE_LAYERS);

/** What device types are made of: these files of `functions` stand below the devices, the others above. */
const FUNCTION_FILES = [
  'schema',
  'schemas',
  'names',
  'naming',
  'channelNaming',
  'shape',
  'acted',
  'followed',
  'offlineModes',
];

/** One rule set a folder of core: what it must not import. */
const coreRules = [
  ...folders.map((folder) => ({ folder, files: [`core/${folder}/**/*.ts`], layers: CORE_LAYERS[folder] })),
  {
    folder: 'functions',
    files: FUNCTION_FILES.map((name) => `core/functions/**/${name}.ts`),
    layers: ['units', 'fields'],
  },
].map(({ folder, files, layers }) => {
  const refused = folders.filter((other) => other !== folder && !layers.includes(other));
  return {
    files,
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: [
                'node:*',
                'react*',
                'astro*',
                'drizzle-orm*',
                'better-sqlite3',
                '#src/*',
                '#words/*',
                '#demo/*',
                '**/src/**',
                '**/words/**',
                '**/cli/**',
              ],
              message:
                'core is pure: it imports neither Node, nor the interface, nor the database, nor wording.',
            },
            ...refused.map((other) => ({
              group: [`../${other}/*`, `#core/${other}/*`, `../../${other}/*`, `../../../${other}/*`],
              message: `core/${folder} stands below core/${other}: imports point one way.`,
            })),
            ...(folder === 'devices'
              ? [
                  {
                    group: ['../functions/index', '../functions/answers', '../functions/**/answers'],
                    message: 'core/devices takes what functions are made of, not how they answer.',
                  },
                ]
              : []),
            {
              group: ['./index', '../index'],
              message: 'Siblings import each other directly, never the index: that makes cycles.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'setTimeout',
        'performance',
      ],
      'no-restricted-properties': ['error', ...PURE_PROPERTIES],
    },
  };
});

/**
 * Which way imports point in the application. `ui` knows no word of the trade; `store` holds the site in this tab; `parts` is what several
 * stations and pages show; a station or a page knows none of the others; `app` puts them together; the server draws pages from that.
 */
const SRC_LAYERS = {
  ui: [],
  workers: [],
  store: ['workers'],
  offline: ['store'],
  parts: ['ui', 'workers', 'store'],
  stations: ['ui', 'workers', 'store', 'parts'],
  sitePages: ['ui', 'workers', 'store', 'parts'],
  app: ['ui', 'workers', 'store', 'offline', 'parts', 'stations', 'sitePages'],
  server: ['parts', 'app'],
  pages: ['parts', 'app', 'server'],
  // What tests stand on: nothing that ships knows of it.
  testing: ['parts', 'app', 'server', 'pages'],
};

const CARES = [
  { group: ['**/cli/**', '#demo/*'], message: 'The application imports core and words only.' },
  { regex: '^(lucide-react|date-fns)$', message: 'Whole sets take long to build: import the one file.' },
];

const SRC_FOLDERS = Object.keys(SRC_LAYERS);
const srcRules = SRC_FOLDERS.map((folder) => ({
  files: [`src/${folder}/**/*.{ts,tsx}`],
  ignores: ['**/*.test.{ts,tsx}', '**/*ForTests.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...CARES,
          ...SRC_FOLDERS.filter((other) => other !== folder && !SRC_LAYERS[folder].includes(other)).map(
            (other) => ({
              regex: `^(\\.\\./)+${other}/`,
              message: `src/${folder} stands below src/${other}: imports point one way.`,
            }),
          ),
          ...(folder === 'stations' || folder === 'sitePages'
            ? [
                {
                  regex: '^\\.\\./(?!\\.\\./)',
                  message:
                    'Stations and pages know nothing of one another: what several show stands in src/parts.',
                },
              ]
            : []),
        ],
      },
    ],
  },
}));

export default tseslint.config(
  {
    ignores: [
      'dist',
      'node_modules',
      '.astro',
      'data',
      'drizzle',
      'test-results',
      'playwright-report',
      '**/*.astro',
    ],
  },
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      // Indices inside bounds that the loop itself sets; checked array access is on everywhere.
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: 'error',
      'no-console': 'off',
    },
  },
  {
    // A text becomes a terminal where a wire is read, and nowhere by the way.
    files: ['**/*.{ts,tsx}'],
    ignores: [
      'core/plan/kinds/terminal.ts',
      'core/plan/schemas/conductor.ts',
      'core/specimens/terminalOf.ts',
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'TSAsExpression > TSTypeReference > Identifier[name="TerminalId"]',
          message: 'A terminal is made by terminalId(device, pin).',
        },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'no-restricted-imports': ['error', { patterns: CARES }],
    },
  },
  ...srcRules,
  {
    // The command line knows the database as well, through the server's own services.
    files: ['words/**/*.ts', 'cli/**/!(database)*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/src/**', '#src/*', 'react*', 'astro*'],
              message: 'Words and the command line know core only.',
            },
          ],
        },
      ],
    },
  },
  ...coreRules,
  {
    // Numbers of a plan are those of core/fields: finite, and without a minus zero, which JSON does not know.
    files: [
      'core/plan/schemas/*.ts',
      'core/devices/{deviceTypeSchema,shape,parts,terminal,settingSchema,bank,lock,roles}.ts',
      'core/functions/**/schema.ts',
      'core/fields/units.ts',
    ],
    rules: {
      'no-restricted-properties': [
        'error',
        ...PURE_PROPERTIES,
        { object: 'z', property: 'number', message: 'Take between, whole or above of core/fields.' },
      ],
    },
  },
);
