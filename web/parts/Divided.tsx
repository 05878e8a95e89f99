/** How the inside of a container is divided: cells, lanes, pages with pockets, pockets of a file; and what its parts are called. */
import { partCount, partName, partsOf } from '@heronstone/core/furniture/parts.ts';
import { settleParts } from '@heronstone/core/gestures/settleParts.ts';
import { set } from '@heronstone/core/model/change.ts';
import { formatLength, formatSize, howMany, type UnitSystem } from '@heronstone/core/model/measure.ts';
import type { Container } from '@heronstone/core/model/plan.ts';
import { commit } from '../state/openPlan.ts';
import { notice, useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Choice } from '../ui/Field.tsx';
import { RowForm, type FieldSpec } from './RowForm.tsx';
import { Folded } from '../ui/Sheet.tsx';

const KINDS: ReadonlyArray<readonly [Container['divided'], string]> = [
  ['not', 'nothing: one space'],
  ['cells', 'cells, each for one kind of thing'],
  ['lanes', 'lanes, with dividers'],
  ['pages', 'pages with pockets'],
  ['pockets', 'pockets of a file'],
  ['cards', 'magnetic cards, for thin steel shapes'],
];
/** How many parts one begins with. */
const FIRST: Readonly<Record<Container['divided'], Partial<Container>>> = {
  not: {},
  cells: { across: 3, along: 4, over: 1 },
  lanes: { across: 2, along: 1, over: 1 },
  pages: { across: 20, along: 1, over: 1 },
  pockets: { across: 12, along: 1, over: 1 },
  cards: { across: 20, along: 1, over: 1 },
};

/** What the three counts of parts mean, by how the container is divided. */
const COUNTS: Readonly<Record<Exclude<Container['divided'], 'not'>, readonly [string, string, string]>> = {
  cells: ['Cells across', 'Cells front to back', 'Cells over each other'],
  lanes: ['Lanes', 'Sections in a lane', 'Lanes over each other'],
  pages: ['Pages', 'Pockets side by side', 'Pockets over each other'],
  cards: ['Cards', 'Side by side', 'Over each other'],
  pockets: ['Pockets', 'Side by side in each', 'Over each other in each'],
};

function fieldsFor(c: Container, system: UnitSystem): Array<FieldSpec<Container>> {
  if (c.divided === 'not') return [];
  const [across, along, over] = COUNTS[c.divided];
  const part = partsOf(c)!.part;
  const say = (mm: number) => formatLength(Math.round(mm * 10) / 10, system);
  return [
    { kind: 'number', field: 'across', label: across, least: 1, most: 200, whole: true },
    { kind: 'number', field: 'along', label: along, least: 1, most: 100, whole: true },
    { kind: 'number', field: 'over', label: over, least: 1, most: 60, whole: true },
    ...(c.divided === 'pages' || c.divided === 'cards'
      ? []
      : ([{ kind: 'length', field: 'divider', label: 'Divider thickness', most: 2000 }] as const)),
    {
      kind: 'optional',
      field: 'partWidth',
      label: c.divided === 'cards' ? 'Card with its shapes' : c.divided === 'pages' ? 'Page thickness' : 'Part width',
      otherwise: say(part.width),
      least: 0.1,
      most: 2000,
    },
    {
      kind: 'optional',
      field: 'partDepth',
      label: c.divided === 'cards' ? 'Card width' : c.divided === 'pages' ? 'Pocket width' : 'Part depth',
      otherwise: say(part.depth),
      least: 1,
      most: 2000,
    },
    {
      kind: 'optional',
      field: 'partHeight',
      label: c.divided === 'cards' ? 'Card height' : c.divided === 'pages' ? 'Pocket height' : 'Part height',
      otherwise: say(part.height),
      least: 1,
      most: 1500,
    },
  ];
}

export function Divided({ container: c }: { container: Container }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const system = plan.meta.units;
  const parts = partsOf(c);
  const where = report?.containers[c.id]?.place;
  const unsettled = report && where ? settleParts(plan, report, where) : [];
  return (
    <Folded title="Divided into parts">
      <Choice
        label="Divided into"
        value={c.divided}
        options={KINDS}
        className="mb-2"
        onSet={(divided) => {
          const begun = c.across * c.along * c.over > 1 ? {} : FIRST[divided];
          const sizes = { partWidth: null, partDepth: null, partHeight: null };
          commit(`How ${c.name} is divided`, [set('containers', c.id, { divided, ...begun, ...sizes })]);
        }}
      />
      <RowForm table="containers" row={c} what={c.name} fields={fieldsFor(c, system)} system={system} />
      {parts && (
        <>
          <p className="mt-1 text-xs text-soft">
            {howMany(partCount(parts), 'part')} of{' '}
            {formatSize(
              [parts.part.width, parts.part.depth, parts.part.height].map((mm) => Math.round(mm * 10) / 10),
              system,
            )}{' '}
            inside; each holds one kind of thing.
          </p>
          <Names container={c} />
          {unsettled.length > 0 && (
            <Button
              className="mt-2"
              onClick={() => {
                if (commit(`Keep everything in ${c.name} in its part`, unsettled))
                  notice(`What lies in ${c.name} keeps its part from now on, whatever else comes in.`);
              }}
            >
              Keep all in these parts
            </Button>
          )}
        </>
      )}
    </Folded>
  );
}

/** The names of the parts, one a line; an empty line goes by its number. */
function Names({ container: c }: { container: Container }) {
  const parts = partsOf(c)!;
  const many = Math.min(partCount(parts), 400);
  const text = c.partNames.join('\n');
  const plain = partName({ ...parts, names: [] }, 0);
  return (
    <label className="mt-2 block">
      <span className="text-soft">Names of the parts, one a line</span>
      <textarea
        key={text}
        defaultValue={text}
        rows={Math.min(6, Math.max(2, c.partNames.length + 1))}
        placeholder={`${plain} …`}
        className="w-full rounded-md border border-line bg-leaf px-2 py-1"
        onBlur={(e) => {
          const names = e.target.value.split('\n').map((n) => n.trim());
          while (names.at(-1) === '') names.pop();
          if (names.length > many) {
            notice(`${c.name} has ${many} parts; these are ${names.length} names. Nothing was changed.`, 'error');
            return;
          }
          if (names.join('\n') !== text)
            commit(`Names of the parts of ${c.name}`, [set('containers', c.id, { partNames: names })]);
        }}
      />
    </label>
  );
}
