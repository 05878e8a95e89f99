import type { ComponentProps } from 'react';

/** A button: rust for the one main action, ink outline for others, quiet for small ones. */
export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ComponentProps<'button'> & { look?: 'main' | 'plain' | 'quiet' }) {
  const looks = {
    main: 'bg-rust text-leaf font-bold px-4 min-h-9 hover:brightness-110',
    plain: 'border border-ink text-ink px-4 min-h-9 hover:bg-wash',
    quiet: 'text-ink px-2 min-h-7 hover:bg-wash',
  };
  return (
    <button
      type="button"
      className={`inline-flex items-center justify-center gap-2 rounded-full whitespace-nowrap disabled:opacity-45 ${looks[look]} ${className}`}
      {...rest}
    />
  );
}
