import { useHandle } from '@/lib/useStall';
import { Places } from '@/ui/Places';

/** The places of Window. */
export function PlacesOfWindow({ at }: { at: 'front' | 'pages' | 'languages' }) {
  const handle = useHandle();
  return (
    <Places
      label="Window"
      at={at}
      places={[
        { key: 'front', name: 'Front page', href: route('window', handle) },
        { key: 'pages', name: 'Pages and policies', href: route('window.pages', handle) },
        { key: 'languages', name: 'Languages', href: route('window.languages', handle) },
      ]}
    />
  );
}
