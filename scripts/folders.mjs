/** The folders that hold code. */
export const FOLDERS = ['core', 'library', 'testing', 'server', 'cli', 'web', 'demo', 'bench', 'e2e', 'scripts'];
