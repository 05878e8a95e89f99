/**
 * npm run arrows: how many files and arrows core has, which arrows run up against the order of the layers, and which import
 * circles there are anywhere. These are the counts of docs/architecture.md.
 */
import { cruise } from 'dependency-cruiser';
import { LAYERS } from '../.dependency-cruiser.mjs';
import { FOLDERS } from './folders.mjs';

const { output } = await cruise(FOLDERS, {
  tsPreCompilationDeps: true,
  doNotFollow: { path: 'node_modules' },
  exclude: { path: '(^|/)(node_modules|dist)/' },
  ruleSet: { forbidden: [{ name: 'circle', severity: 'error', from: {}, to: { circular: true } }] },
  validate: true,
});
const isTest = (file) => /\.(test|spec)\.tsx?$|^core\/checks\//.test(file);
const layer = (file) => /^core\/(\w+)\//.exec(file)?.[1];
const files = output.modules.filter((m) => layer(m.source) && !isTest(m.source));
const arrows = files.flatMap((m) =>
  m.dependencies
    .filter((d) => layer(d.resolved) && layer(d.resolved) !== layer(m.source))
    .map((d) => ({ from: m.source, to: d.resolved })),
);
const between = new Set(arrows.map((a) => `${layer(a.from)} -> ${layer(a.to)}`));
const up = arrows.filter((a) => LAYERS.indexOf(layer(a.to)) > LAYERS.indexOf(layer(a.from)));
const circles = output.summary.violations.filter((v) => v.rule.name === 'circle');

console.log(`core: ${LAYERS.length} layers, ${files.length} files`);
console.log(`arrows between layers: ${between.size} (of ${arrows.length} imports)`);
console.log(`arrows up: ${new Set(up.map((a) => `${layer(a.from)} -> ${layer(a.to)}`)).size}`);
for (const { from, to } of up) console.log(`  ${from} -> ${to}`);
console.log(`import circles in the repository: ${circles.length}`);
