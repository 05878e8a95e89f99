/** What Jest puts into a module: its own object, for standing in for other modules. */
interface ImportMeta {
  jest: { unstable_mockModule(path: string, make: () => unknown): void };
}
