import { router, useForm } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { LaidInView, SupplierAccountView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

/** How a stall stands with one supplier, and its terms, opened where they stand. */
export function SupplierAccount({ account }: { account: SupplierAccountView }) {
  const handle = useHandle();
  const args = [handle, account.id];
  const keep = { preserveScroll: true };
  return (
    <section className="mt-7 border-t-[1.5px] border-rule pt-3" data-account={account.name}>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="font-semibold text-sup">{account.name}</h2>
        {account.tells && (
          <Button
            kind="quiet"
            small
            onClick={() => {
              router.post(route('counter.owed.look', args), {}, keep);
            }}
          >
            Ask how it stands
          </Button>
        )}
      </div>
      <p className={clsx('name mt-1 text-[19px] leading-snug', account.short && 'text-loss')} data-owed>
        {account.sentence}
      </p>
      {account.figures.length > 0 && <p className="text-mute">{account.figures.join(' ')}</p>}
      {account.settle !== '' && (
        <Button
          className="mt-2"
          onClick={() => {
            router.post(route('counter.owed.settle', args), { until: account.settle }, keep);
          }}
        >
          {account.settleWords}
        </Button>
      )}
      {account.ahead.length > 0 && (
        <>
          <h3 className="mt-3 text-[12.5px] text-mute">Bought ahead, and lying there</h3>
          <ul>
            {account.ahead.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </>
      )}
      {account.extras.length > 0 && (
        <p className="mt-2">With each order: {account.extras.map((one) => `${one.name} (${one.cost})`).join(', ')}.</p>
      )}
      <details className="mt-2">
        <summary className="cursor-pointer text-mute">Its terms</summary>
        <Terms account={account} />
      </details>
    </section>
  );
}

function Terms({ account }: { account: SupplierAccountView }) {
  const handle = useHandle();
  const [offered, setOffered] = useState<LaidInView[]>(account.extras);
  const [trouble, setTrouble] = useState('');
  const form = useForm({
    pays: account.pays,
    warnDays: String(account.warnDays),
    billDays: String(account.billDays),
    mostPieces: account.mostPieces === null ? '' : String(account.mostPieces),
    extras: account.extras.map((one) => one.code),
  });
  const { data, setData, errors } = form;
  return (
    <form
      className="mt-2"
      onSubmit={(e) => {
        e.preventDefault();
        form.transform((typed) => ({ ...typed, mostPieces: typed.mostPieces === '' ? null : typed.mostPieces }));
        form.put(route('counter.owed.say', [handle, account.id]), { preserveScroll: true });
      }}
    >
      <div className="flex flex-wrap items-start gap-x-6 gap-y-3">
        {account.pays === 'ahead' ? (
          <TextField
            label="Warn when it lasts less than"
            after="days"
            className="w-48"
            inputMode="numeric"
            value={data.warnDays}
            error={errors.warnDays}
            onChange={(e) => {
              setData('warnDays', e.target.value);
            }}
          />
        ) : (
          <ChoiceField
            label="It is paid"
            className="w-48"
            value={data.pays}
            choices={[
              { value: 'at_once', label: 'with each order' },
              { value: 'bills', label: 'by its bills' },
            ]}
            onChange={(e) => {
              setData('pays', e.target.value);
            }}
          />
        )}
        {data.pays === 'bills' && (
          <TextField
            label="Bills are due after"
            after="days"
            className="w-40"
            inputMode="numeric"
            value={data.billDays}
            error={errors.billDays}
            onChange={(e) => {
              setData('billDays', e.target.value);
            }}
          />
        )}
        <TextField
          label="An order may hold at most"
          after="pieces"
          className="w-52"
          inputMode="numeric"
          value={data.mostPieces}
          error={errors.mostPieces}
          hint="More than that is sent as several orders."
          onChange={(e) => {
            setData('mostPieces', e.target.value);
          }}
        />
      </div>
      {account.offersExtras && (
        <fieldset className="mt-3">
          <legend className="text-[12.5px] text-mute">Laid into each order</legend>
          {offered.map((one) => (
            <label key={one.code} className="flex items-baseline gap-2 py-0.5">
              <input
                type="checkbox"
                checked={data.extras.includes(one.code)}
                onChange={(e) => {
                  setData(
                    'extras',
                    e.target.checked ? [...data.extras, one.code] : data.extras.filter((code) => code !== one.code),
                  );
                }}
              />
              {one.name}, {one.cost}
            </label>
          ))}
          <Button
            kind="quiet"
            small
            onClick={() => {
              send<{ extras: LaidInView[] }>('GET', route('counter.owed.extras', [handle, account.id]))
                .then((said) => {
                  setOffered(said.extras);
                  setTrouble('');
                })
                .catch((error: unknown) => {
                  setTrouble(words(error));
                });
            }}
          >
            Ask what it can lay in
          </Button>
          {trouble !== '' && <p className="text-[13px] font-medium text-you">{trouble}</p>}
        </fieldset>
      )}
      <Button kind="do" type="submit" className="mt-3" disabled={!form.isDirty || form.processing}>
        Keep these terms
      </Button>
    </form>
  );
}
