import { InvalidArgumentError } from 'commander';

/** A number as an option takes it, between two limits. */
export function number(least: number, most: number, whole: boolean) {
  return (text: string) => {
    const value = Number(text);
    if (
      text.trim() === '' ||
      !Number.isFinite(value) ||
      value < least ||
      value > most ||
      (whole && !Number.isInteger(value))
    ) {
      throw new InvalidArgumentError(`It is a ${whole ? 'whole ' : ''}number from ${least} to ${most}.`);
    }
    return value;
  };
}
