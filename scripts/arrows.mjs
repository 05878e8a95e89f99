/**
 * npm run arrows: for core and for web, how many files and arrows there are and which arrows run up against the order of the
 * layers; and which import circles there are anywhere. These are the counts of docs/architecture.md.
 */
import { cruise } from 'dependency-cruiser';
import { LAYERS, WEB_LAYERS } from '../.dependency-cruiser.mjs';
import { FOLDERS } from './folders.mjs';

const { output } = await cruise(FOLDERS, {
  tsPreCompilationDeps: true,
  doNotFollow: { path: 'node_modules' },
  exclude: { path: '(^|/)(node_modules|dist)/' },
  ruleSet: { forbidden: [{ name: 'circle', severity: 'error', from: {}, to: { circular: true } }] },
  validate: true,
});
const isTest = (file) => /\.(test|spec)\.tsx?$|^core\/published\//.test(file);

for (const [folder, layers] of Object.entries({ core: LAYERS, web: WEB_LAYERS })) {
  const layerOf = (file) => new RegExp(`^${folder}/(\\w+)/`).exec(file)?.[1];
  const files = output.modules.filter((m) => layerOf(m.source) && !isTest(m.source));
  const arrows = files.flatMap((m) =>
    m.dependencies
      .filter((d) => layerOf(d.resolved) && layerOf(d.resolved) !== layerOf(m.source))
      .map((d) => ({ from: m.source, to: d.resolved })),
  );
  const between = (list) => new Set(list.map((a) => `${layerOf(a.from)} -> ${layerOf(a.to)}`)).size;
  const up = arrows.filter((a) => layers.indexOf(layerOf(a.to)) > layers.indexOf(layerOf(a.from)));
  console.log(`${folder}: ${layers.length} layers, ${files.length} files`);
  console.log(`  arrows between layers: ${between(arrows)} (of ${arrows.length} imports)`);
  console.log(`  arrows up: ${between(up)}`);
  for (const { from, to } of up) console.log(`    ${from} -> ${to}`);
}
const circles = output.summary.violations.filter((v) => v.rule.name === 'circle');
console.log(`import circles in the repository: ${circles.length}`);
