import { clsx } from 'clsx';
import type { TrialFiguresView, TrialMarketView } from '@/types/pricing';

/** What a trial came to: in a sentence, in figures before → after, and as two rows of bars. */
export function TrialFigures({ figures: f, onLook }: { figures: TrialFiguresView; onLook: (words: string) => void }) {
  const worse = f.underAfter > f.underBefore;
  return (
    <div data-trial-figures>
      <p className="name max-w-[60ch] text-[19px] leading-snug" role="status" data-words>
        {f.words}
      </p>
      <dl className="mt-4 grid grid-cols-4 border-y border-line">
        <Figure name="prices up" value={f.up.toLocaleString('en')} />
        <Figure name="prices down" value={f.down.toLocaleString('en')} />
        <Figure
          name="under the floor"
          value={`${f.underBefore.toLocaleString('en')} → ${f.underAfter.toLocaleString('en')}`}
          bad={worse}
        />
        <Figure
          name={`kept on ${f.sold.toLocaleString('en')} sold`}
          value={f.sold === 0 ? '–' : `${f.keptBefore.text} → ${f.keptAfter.text}`}
          bad={f.keptAfter.minor < f.keptBefore.minor}
        />
      </dl>
      <Markets markets={f.markets} />
      <h2 className="name mt-6 text-[17px]">Margins, before and after</h2>
      <Distribution figures={f} />
      {f.biggest.length > 0 && (
        <>
          <h2 className="name mt-6 mb-1 text-[17px]">The biggest moves</h2>
          <ul className="border-t border-line">
            {f.biggest.map((m) => (
              <li
                key={m.variant}
                className="flex items-baseline gap-4 border-b border-line py-1.5"
                data-move={m.variant}
              >
                <button
                  type="button"
                  className="min-w-0 flex-1 truncate text-left hover:underline"
                  onClick={() => onLook(m.name.split(',')[0] ?? '')}
                >
                  {m.name}
                  {m.crossed !== '' && <span className="block truncate text-[12.5px] text-mute">{m.crossed}</span>}
                </button>
                <span>
                  {m.before.text} → <b className="font-semibold">{m.after.text}</b>
                </span>
                <span className={clsx('w-16 text-right', m.after.minor < m.before.minor ? 'text-sup' : 'text-see')}>
                  {m.moved}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-3 text-[12.5px] text-mute">
        {f.variants.toLocaleString('en')} variants priced in {f.took}
        {f.unpriced > 0 && `; ${f.unpriced.toLocaleString('en')} would have no price`}
      </p>
    </div>
  );
}

function Figure({ name, value, bad = false }: { name: string; value: string; bad?: boolean }) {
  return (
    <div className="border-l border-line px-4 py-2.5 first:border-l-0 first:pl-0">
      <dt className="text-[12.5px] text-mute">{name}</dt>
      <dd className={clsx('name text-[19px]', bad && 'text-loss')}>{value}</dd>
    </div>
  );
}

/** What the same change does to the price lists of other markets. */
function Markets({ markets }: { markets: TrialMarketView[] | null }) {
  if (markets === null) {
    return (
      <p role="status" className="mt-4 text-mute">
        The other markets are being priced…
      </p>
    );
  }
  if (markets.length === 0) return null;
  return (
    <table className="mt-4 w-full" data-trial-markets>
      <thead>
        <tr className="border-b border-line text-left text-[12.5px] text-mute [&>th]:pb-1 [&>th]:font-normal">
          <th scope="col">And in the other markets</th>
          <th scope="col" className="text-right">
            up
          </th>
          <th scope="col" className="text-right">
            down
          </th>
          <th scope="col" className="text-right">
            under the floor
          </th>
        </tr>
      </thead>
      <tbody>
        {markets.map((m) => (
          <tr key={m.market} className="border-b border-line [&>td]:py-1.5 [&>td]:text-right">
            <th scope="row" className="text-left font-normal">
              {m.name}
              {m.unpriced > 0 && (
                <span className="ml-2 text-[12.5px] text-mute">
                  {m.unpriced.toLocaleString('en')} aren’t sent there
                </span>
              )}
            </th>
            <td>{m.up.toLocaleString('en')}</td>
            <td>{m.down.toLocaleString('en')}</td>
            <td className={clsx(m.underAfter > m.underBefore && 'font-semibold text-loss')}>
              {m.underBefore.toLocaleString('en')} → {m.underAfter.toLocaleString('en')}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** How many variants keep which margin: what is now above the line, what would be below it. */
function Distribution({ figures: f }: { figures: TrialFiguresView }) {
  const most = Math.max(1, ...f.before, ...f.after);
  const name = (n: number): string =>
    n === 0
      ? 'loss'
      : n === f.bands.length
        ? `${String((f.bands[n - 1] ?? 0) / 100)}%+`
        : `${String((f.bands[n - 1] ?? 0) / 100)}%`;
  return (
    <table className="mt-2 w-full table-fixed" aria-label="Variants by margin, before and after" data-distribution>
      <tbody>
        {(['before', 'after'] as const).map((when) => (
          <tr key={when}>
            <th
              scope="row"
              className={clsx(
                'w-14 pr-2 text-right text-[12.5px] font-normal text-mute',
                when === 'before' ? 'align-bottom' : 'align-top',
              )}
            >
              {when === 'before' ? 'now' : 'then'}
            </th>
            {f[when].map((n, band) => (
              <td
                key={band}
                className={clsx(
                  'h-[74px] px-px',
                  when === 'before' ? 'border-b border-rule align-bottom' : 'align-top',
                )}
                title={`${name(band)}: ${n.toLocaleString('en')}`}
              >
                <span
                  className={clsx(
                    'block',
                    when === 'before' ? 'rounded-t-[2px] bg-[#c9bda6]' : 'rounded-b-[2px]',
                    when === 'after' && (band === 0 ? 'bg-loss' : 'bg-[#f0b45a]'),
                  )}
                  style={{ height: n === 0 ? 0 : Math.max(3, Math.round((n / most) * 66)) }}
                />
                <span className="sr-only">{n}</span>
              </td>
            ))}
          </tr>
        ))}
        <tr>
          <td />
          {f.before.map((_, band) => (
            <td key={band} className="text-center text-[11px] text-mute">
              {name(band)}
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}
