/**
 * What @swc/jest makes of a module, with the globals that it uses as constants of the module. Jest runs tests in a context of
 * their own, in which every look at a global is slow: arithmetic with Math and typed arrays takes several times as long.
 */
import swc from '@swc/jest';

export const GLOBALS = [
  ...['Math', 'Infinity', 'Number', 'Object', 'Array', 'Map', 'Set', 'WeakMap', 'JSON', 'String', 'Float64Array'],
  ...['Int32Array', 'Uint8Array', 'Error', 'Symbol'],
];

export default {
  createTransformer(options) {
    const inner = swc.createTransformer(options);
    const withGlobals = (result) => {
      const own = (name) =>
        new RegExp(`\\b(?:const|let|var|class|function)\\s+${name}\\b|import[^;]*\\b${name}\\b[^;]*from`).test(
          result.code,
        );
      const used = GLOBALS.filter((name) => new RegExp(`\\b${name}\\b`).test(result.code) && !own(name));
      const line = used.length === 0 ? '' : `const { ${used.join(', ')} } = globalThis; `;
      return { ...result, code: line + result.code };
    };
    return {
      ...inner,
      process: (...args) => withGlobals(inner.process(...args)),
      processAsync: async (...args) => withGlobals(await inner.processAsync(...args)),
    };
  },
};
