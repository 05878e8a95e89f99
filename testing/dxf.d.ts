/** The part of the package `dxf` that the checks use; it has no types of its own. */
declare module 'dxf' {
  export class Helper {
    constructor(text: string);
    readonly parsed: unknown;
  }
}
