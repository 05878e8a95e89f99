/** The picture guide of the first evening: docs/guide, as it is shipped. */
import { Marked } from 'marked';
import { Link } from 'react-router';
import text from '../../docs/guide/README.md?raw';

const PICTURES = import.meta.glob<string>('../../docs/guide/*.png', { eager: true, query: '?url', import: 'default' });

const marked = new Marked({
  renderer: {
    image: ({ href, text: words }) =>
      `<img src="${PICTURES[`../../docs/guide/${href}`] ?? ''}" alt="${words}" loading="lazy" class="my-3 w-full rounded-xl border border-line">`,
  },
});
const html = marked.parse(text, { async: false });

export function GuidePage() {
  return (
    <main className="h-full overflow-y-auto px-6 py-8" tabIndex={-1} id="main">
      <div className="mx-auto max-w-3xl">
        <Link to="/" className="text-rust underline">
          Back to your plans
        </Link>
        <article
          className="mt-4 text-base leading-7 [&_code]:rounded [&_code]:bg-sand [&_code]:px-1 [&_h1]:text-4xl [&_h2]:mt-8 [&_h2]:text-2xl [&_li]:mt-1 [&_p]:mt-2 [&_ul]:list-disc [&_ul]:pl-6"
          // The guide is our own text, built in.
          dangerouslySetInnerHTML={{ __html: html }}
        />
      </div>
    </main>
  );
}
