import { CoverEditor } from '@/delivery/CoverEditor';
import type { WrittenPlace } from '@/delivery/written';
import type { Parts } from '@/lib/parts';

interface Props {
  countries: { code: string; name: string }[];
  parts: Parts;
  onSay: (place: WrittenPlace) => Promise<boolean>;
}

/** Makes another place; what it costs to send there is said in its sentence afterwards. */
export function NewPlace({ countries, parts, onSay }: Props) {
  return (
    <CoverEditor
      name=""
      covers={[{ country: countries[0]?.code ?? '', parts: [], postcodes: '' }]}
      countries={countries}
      parts={parts}
      trigger={
        <button
          type="button"
          data-new-place
          className="border-b-[1.5px] border-you leading-tight font-semibold text-you hover:bg-you-soft"
        >
          Another place
        </button>
      }
      onSay={(name, covers) => onSay({ name, covers, ways: [], rules: [] })}
      onRemove={null}
    />
  );
}
